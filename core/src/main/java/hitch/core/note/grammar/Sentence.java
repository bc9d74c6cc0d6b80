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
    private final int again;

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
        Reading reading = new Reading(Phrases.of(tokens, words), unit, typed, before, carried).whole();
        this.unit = reading.unit();
        parts = reading.parts();
        corrects = reading.corrects();
        candidates = reading.candidates();
        pipes = reading.pipes();
        repeated = reading.repeated();
        again = reading.againAt();
    }

    /** Pipes that are named without a change. */
    List<Pipe> pipes() {
        return pipes.stream().map(Meaning.Pipe::part).toList();
    }

    /** The place it gives for the next sentence: "We are at 42 feet." */
    Optional<Meaning.Place> carries() {
        boolean only = candidates.isEmpty()
                && parts.size() <= 7
                && new Hints(parts).count(Meaning.Place.class) == 1
                && parts.says(
                        0, "at", "were", "we", "im", "now", "okay", "ok", "so", "and", "about", "here", "coming", "out")
                && !new Hints(parts).any(Meaning.Thing.class);
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
            drafts.add(repeated.filter(d -> c.at() == again)
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
}
