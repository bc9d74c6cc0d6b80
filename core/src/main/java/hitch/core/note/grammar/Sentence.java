package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Chip;
import hitch.core.note.Draft;
import hitch.core.pipe.Pipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One sentence, read: its parts, what it speaks of, and what it adds to the sentence before. */
final class Sentence {
    private final LengthUnit unit;
    private final Phrases parts;
    private final boolean corrects;
    private final List<Candidate> candidates;
    private final List<Meaning.Pipe> pipes;
    private final Optional<Draft> repeated;

    /**
     * @param typed whether it was typed as a note, so that a bare word is meant as a finding
     * @param before the draft before it, which "same again at 40" repeats
     * @param carried the place that the sentence before gave for this one
     */
    Sentence(
            List<Token> tokens,
            Words words,
            LengthUnit unit,
            boolean typed,
            Optional<Draft> before,
            Optional<Meaning.Place> carried) {
        parts = Phrases.of(tokens, words);
        this.unit = saidIn(parts, unit);
        if (!parts.saySomething()) {
            corrects = false;
            candidates = List.of();
            pipes = List.of();
            repeated = Optional.empty();
            return;
        }
        Figures.times(parts);
        Amounts.join(parts);
        corrects = Corrections.make(parts);
        Figures.tools(parts, typed);
        Ranges.join(parts, this.unit);
        Roles.settle(parts, this.unit, typed);
        Stretches.join(parts);
        Pipes.join(parts);
        markHere();
        PipeChanges changes = new PipeChanges(parts, typed);
        pipes = changes.context();
        List<Candidate> found = Candidates.in(parts, typed, changes.changes(), carried.isPresent());
        repeated = found.stream().noneMatch(Candidate::isFinding) ? before.filter(d -> repeats()) : Optional.empty();
        repeated.ifPresent(d -> found.add(new Candidate(d.matter(), againAt())));
        MoreRules.read(new Sense(parts, found, typed));
        TraitsGiven.give(parts, found);
        ofPipe(found);
        Shared.give(parts, found);
        Doubles doubles = new Doubles(parts);
        candidates = doubles.once(Places.give(parts, doubles.alone(found)));
        carried.ifPresent(p -> candidates.stream()
                .filter(c -> !c.isPlaced() && c.isFinding() && !c.is(FindingKind.ADVICE))
                .findFirst()
                .ifPresent(c -> c.setPlace(new Phrase(p, "", 0, 0))));
    }

    /** A unit that is written once holds for the numbers about it. */
    private static LengthUnit saidIn(Phrases parts, LengthUnit unit) {
        boolean metres = false;
        boolean feet = false;
        for (int i = 0; i < parts.size(); i++) {
            boolean number = parts.has(i - 1, Meaning.Number.class);
            metres |= number && parts.is(i, Glue.METRES);
            feet |= number && (parts.is(i, Glue.FEET) || parts.says(i, "'"));
        }
        return metres && !feet ? LengthUnit.METRES : unit;
    }

    /** "Blister at 40, tar paper pipe": with one pipe named and no change, what is found is of that pipe. */
    private void ofPipe(List<Candidate> found) {
        boolean change =
                found.stream().anyMatch(c -> c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE));
        if (change || pipes.size() != 1 || pipes.getFirst().part().wall().isEmpty()) {
            return;
        }
        found.stream()
                .filter(c -> c.isCondition() || c.is(FindingKind.JOINT))
                .findFirst()
                .ifPresent(c -> c.of(pipes.getFirst().part().withSize(Optional.empty())));
    }

    private void markHere() {
        boolean told = count(Meaning.Place.class) == 1;
        for (int i = 0; i < parts.size() && !told; i++) {
            if (parts.is(i, Glue.HERE)) {
                parts.set(i, new Meaning.Here());
            }
        }
    }

    private boolean repeats() {
        return againAt() >= 0 && has(Meaning.Place.class);
    }

    private int againAt() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.is(i, Glue.AGAIN)) {
                return i;
            }
        }
        return -1;
    }

    /** Pipes that are named without a change. */
    List<Pipe> pipes() {
        return pipes.stream().map(Meaning.Pipe::part).toList();
    }

    /** The place it gives for the next sentence: "We are at 42 feet." */
    Optional<Meaning.Place> carries() {
        boolean only = candidates.isEmpty()
                && parts.size() <= 7
                && count(Meaning.Place.class) == 1
                && parts.says(
                        0, "at", "were", "we", "im", "now", "okay", "ok", "so", "and", "about", "here", "coming", "out")
                && !has(Meaning.Thing.class);
        return only ? first(Meaning.Place.class) : Optional.empty();
    }

    List<Draft> drafts(String text) {
        List<Draft> drafts = new ArrayList<>();
        for (Candidate c : candidates) {
            Optional<Draft.Place> place = c.place().map(p -> spread(p, c.length()));
            int start = parts.at(c.at()).start();
            Draft draft = new Draft(
                    c.matter(),
                    place,
                    c.length().filter(l -> c.place().isEmpty()),
                    c.traits(),
                    c.certainty(),
                    words(text),
                    "",
                    start);
            drafts.add(repeated.filter(d -> c.at() == againAt())
                    .map(d -> draft.like(d))
                    .orElse(draft));
        }
        return drafts;
    }

    private static Draft.Place spread(Meaning.Place place, Optional<Distance> length) {
        boolean point = place.from().equals(place.to());
        return new Draft.Place(
                place.from(), point && length.isPresent() ? place.to().plus(length.get()) : place.to());
    }

    private String words(String text) {
        return parts.size() == 0
                ? ""
                : text.substring(parts.at(0).start(), parts.at(parts.size() - 1).end());
    }

    /** {@code draft} with what this sentence says and the draft leaves open. */
    Draft addTo(Draft draft) {
        boolean adds = candidates.isEmpty()
                && parts.size() <= 14
                && (parts.says(
                                0,
                                "that",
                                "thats",
                                "its",
                                "it",
                                "this",
                                "about",
                                "at",
                                "from",
                                "on",
                                "maybe",
                                "probably",
                                "heavy",
                                "so",
                                "runs",
                                "is",
                                "another",
                                "roughly",
                                "were",
                                "and",
                                "sorry",
                                "correction",
                                "i mean",
                                "make that",
                                "call it",
                                "make it",
                                "no its",
                                "actually no")
                        || corrects
                        || parts.isAny(0, Glue.FOR, Glue.TO)
                        || parts.says(0, "starts", "begins", "ends", "stops", "continues", "goes", "starting", "ending")
                        || parts.at(0).meaning() instanceof Meaning.Round
                        || parts.at(0).meaning() instanceof Meaning.Share
                        || parts.at(0).meaning() instanceof Meaning.Much
                        || parts.at(0).meaning() instanceof Meaning.Size
                        || parts.at(0).meaning() instanceof Meaning.Length
                        || parts.at(0).meaning() instanceof Meaning.Place && parts.size() <= 3);
        if (!adds || !(draft.matter() instanceof FindingKind kind)) {
            return draft;
        }
        Candidate more = new Candidate(kind, 0);
        for (int i = 0; i < parts.size(); i++) {
            Meaning meaning = parts.at(i).meaning();
            if (meaning instanceof Meaning.Place && more.place().isEmpty()) {
                more.setPlace(parts.at(i));
            } else if (!(meaning instanceof Meaning.Plain) && more.fits(meaning)) {
                more.take(parts.at(i));
            }
        }
        Optional<Draft.Place> place = more.place().map(p -> spread(p, more.length()));
        boolean ends = (parts.says(0, "ends", "stops", "ending")
                        || parts.is(0, Glue.TO)
                        || parts.says(0, "and", "it") && parts.says(1, "ends", "stops"))
                && draft.place().map(Draft.Place::isPoint).orElse(false);
        if (ends && place.isPresent()) {
            return draft.corrected(
                    Optional.of(Draft.Place.between(
                            draft.place().get().from(), place.get().from())),
                    more.traits());
        }
        return corrects
                ? draft.corrected(place, more.traits())
                : draft.filled(place, more.length().filter(l -> place.isEmpty()), more.traits());
    }

    /** Whether it only goes on about {@code last}: "It is a 45." */
    boolean goesOn(Draft last, List<Draft> next) {
        return next.size() == 1
                && next.getFirst().matter() == last.matter()
                && next.getFirst().place().isEmpty()
                && next.getFirst().certainty() == last.certainty()
                && parts.says(0, "its", "it", "thats", "that", "about", "roughly", "around");
    }

    /** What is understood, with the small words that belong to it. */
    List<Chip> chips() {
        return new Chips(parts, candidates, unit).all();
    }

    private <T extends Meaning> Optional<T> first(Class<T> type) {
        for (int i = 0; i < parts.size(); i++) {
            Optional<T> meaning = parts.as(i, type);
            if (meaning.isPresent()) {
                return meaning;
            }
        }
        return Optional.empty();
    }

    private boolean has(Class<? extends Meaning> type) {
        return first(type).isPresent();
    }

    private int count(Class<? extends Meaning> type) {
        int count = 0;
        for (int i = 0; i < parts.size(); i++) {
            count += parts.has(i, type) ? 1 : 0;
        }
        return count;
    }
}
