package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.pipe.Wall;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.OddPlace;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Follows a commentary passage by passage, as a listener does who remembers what was said. */
final class Following {
    /** What adds to the sentence before follows it so soon, seconds. */
    private static final double SOON_S = 12;

    private static final Pattern THAT_OPENING =
            Pattern.compile("\\bthat'?s (?:an?|the|your|their) (?:[\\w-]+ ){0,2}(?:cleanout|opening)\\b");

    /** A place that was said by itself leaves its sign behind. */
    static final String LEADING_SIGNS = "^[\\s.,;:-]+";
    /** What was not looked at is told in the end as well as in the beginning. */
    private static final Pattern UNSEEN =
            Pattern.compile("(?i)\\b(?:look|looked|examined?|inspect(?:ed)?|scoped?|included?|part of)\\b");

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Transcript transcript;
    private final Course course;
    private final Standing standing;
    private final Tally tally;
    private final Stating stating;
    private final BehindPlace behindPlace;
    private final Located located;
    private final Pointed pointed = new Pointed();
    private final Map<Integer, Integer> counts = new HashMap<>();
    private final List<Spoken> drafts = new ArrayList<>();
    private final List<Spoken.PipeSaid> pipes = new ArrayList<>();
    private final List<Spoken.Withdrawn> withdrawn = new ArrayList<>();
    /** Whether the passage before was a place and nothing else. */
    private boolean afterPlace;

    Following(NoteReader reader, LengthUnit unit, Transcript transcript, Course course) {
        this.reader = reader;
        this.unit = unit;
        this.transcript = transcript;
        this.course = course;
        this.standing = new Standing(course);
        this.tally = new Tally(transcript.text(), course);
        this.behindPlace = new BehindPlace(reader, unit);
        this.located = new Located(reader, unit);
        this.stating = new Stating(reader, unit, transcript, course);
    }

    Spoken.All all() {
        List<Spoken.Odd> odd = new ArrayList<>();
        for (OddPlace place : course.odd()) {
            double seconds = transcript.secondsAt(place.start());
            drafts.stream()
                    .filter(d -> d.seconds() >= seconds && d.seconds() < seconds + SOON_S)
                    .findFirst()
                    .ifPresent(d -> odd.add(new Spoken.Odd(place, d)));
        }
        return new Spoken.All(drafts, pipes, withdrawn, odd);
    }

    void read(Passages.Passage passage) {
        String text = passage.text();
        if (text.isBlank()) {
            afterPlace = course.isPlaceAt(passage.start());
            return;
        }
        double seconds = transcript.secondsAt(passage.start());
        if (TakenBack.isNo(text)) {
            TakenBack.last(drafts, seconds, withdrawn);
        }
        boolean isBehindPlace = follows(passage);
        Note note = heard(passage, isBehindPlace);
        note.pipes().forEach(p -> pipes.add(new Spoken.PipeSaid(seconds, p, text.strip())));
        Stating.Stated stated = stating.in(passage, isBehindPlace, note, drafts, lastFinding());
        List<Draft> said = stated.drafts();
        Optional<Draft.Place> from = course.at(passage.start());
        int last = passage.start() + text.length();
        boolean noneWithin = course.all(passage.start(), last).isEmpty();
        boolean unplaced = !course.isPlaceAt(passage.start()) && noneWithin;
        Optional<Draft.Place> end = unplaced && Stretched.endsOutOfIt(text)
                ? course.behind(last).or(() -> course.at(last - 1))
                : course.at(last - 1);
        if (Stretched.goesOn(text, end, said, seconds, drafts)) {
            return;
        }
        boolean whole = from.isPresent() && !from.equals(end) && Stretched.isWhole(text, said, seconds, drafts);
        boolean closed = !whole && Stretched.close(text, end, said, seconds, drafts);
        if (said.isEmpty()) {
            if (!closed) {
                if (noneWithin || isWhereTheLastIs(passage.start(), last)) {
                    if (!isElsewhere(passage.start())) {
                        addOn(text, seconds);
                    }
                    Sides.add(text, seconds, drafts);
                }
                pointed.passed(text, seconds);
            }
            return;
        }
        said.forEach(d -> take(whole && Stretched.isWater(d) ? d.at(from) : d, passage, closed, stated.likeness()));
        if (whole) {
            Stretched.close(text, end, List.of(), seconds, drafts);
        }
    }

    private Note heard(Passages.Passage passage, boolean isBehindPlace) {
        Note note = reader.hear(passage.text(), unit, lastFinding());
        if (!note.drafts().isEmpty() || !isBehindPlace) {
            return note;
        }
        Optional<Wall> before =
                pipes.reversed().stream().flatMap(p -> p.pipe().wall().stream()).findFirst();
        boolean first =
                before.isEmpty() && drafts.stream().noneMatch(d -> d.draft().matter() == FindingKind.MATERIAL_CHANGE);
        return behindPlace.isOtherPipe(note, before, first)
                ? behindPlace.changed(note, lastFinding())
                : behindPlace.claimed(note, lastFinding());
    }

    private boolean follows(Passages.Passage passage) {
        boolean here = course.isPlaceAt(passage.start()) || afterPlace;
        // "Thirteen." may be a passage of its own.
        afterPlace = course.isPlaceAt(passage.start())
                && passage.text().replaceAll("[\\s.,]", "").isEmpty();
        return here;
    }

    private void take(Draft said, Passages.Passage passage, boolean closed, boolean likeness) {
        int at = passage.start() + said.start();
        int cue = transcript.cueAt(at);
        double seconds = transcript.cues().get(cue).start();
        boolean water = said.kind().family() == Family.WATER;
        boolean told = course.isTold() && Stating.isFound(said);
        if (told && (tally.counts(at) || NotFound.is(said, passage.text(), seconds, drafts))) {
            return;
        }
        if (course.isTold() && isBeginning(said, at, passage) || told && course.isBefore(at) && isInThePipe(said)) {
            return;
        }
        boolean thatOpening = said.matter() == FindingKind.OPENING
                && THAT_OPENING.matcher(passage.text().toLowerCase(Locale.ROOT)).find();
        if (told && thatOpening && ToldTwice.isJustFound(FindingKind.TIE_IN, seconds, drafts)) {
            // "There's a tee straight up, that's a cleanout": what was taken for a tie-in is that.
            drafts.removeLast();
        }
        if (told && HeldThere.is(said, passage.text(), seconds, drafts)) {
            return;
        }
        if (water && (closed || Stretched.isStillIn(passage.text(), seconds, drafts))) {
            return;
        }
        Draft own = Sides.asBefore(Sides.settled(said, toldThere(passage, at)), seconds, drafts);
        Draft there = Sides.insteadOf(own, passage.text(), seconds, drafts);
        // Where a place is said anew, the eye is led anew.
        Draft shown = course.isPlaceAt(passage.start()) && !pointed.isJustBefore(seconds)
                ? there
                : pointed.on(there, passage.text(), seconds);
        Draft sided = Sides.thatSide(shown, passage.text(), transcript.lately(at, SOON_S));
        Optional<Draft> again = Stretched.toldAgain(sided, passage.text(), seconds, drafts);
        if (course.isTold() && again.isPresent() && ToldTwice.isKnown(again.get(), drafts)) {
            return;
        }
        Draft placed = again.orElseGet(() -> standing.placed(
                sided, at, passage.start(), passage.start() + passage.text().length()));
        if (said.matter() == FindingKind.LOCATE
                && course.isTold()
                && course.within(
                                passage.start(),
                                passage.start() + passage.text().length())
                        .isEmpty()) {
            Draft unplaced = placed;
            placed = located.place(transcript.lately(at, Located.SOON_S) + passage.text(), seconds, drafts)
                    .map(p -> unplaced.at(Optional.of(p)))
                    .orElse(placed);
        }
        if (said.matter() == FindingKind.ADVICE && placed.place().isEmpty()) {
            placed = placed.at(located.only(passage.text(), drafts));
        }
        placed = Sides.asThere(placed, drafts);
        boolean unseen = said.matter() == FindingKind.LIMIT
                && UNSEEN.matcher(passage.text()).find();
        if (placed.place().isEmpty() && course.isOver(at) && Stating.isFound(placed) && !unseen) {
            // The camera is out: what is told without a place was told before with one.
            return;
        }
        Spoken.Source source = placed.place().isEmpty()
                ? Spoken.Source.NONE
                : said.place().equals(placed.place()) ? Spoken.Source.SAID : Spoken.Source.STANDING;
        int number = counts.merge(cue, 1, Integer::sum) - 1;
        Draft worded = placed.saidAs(placed.wording().replaceFirst(LEADING_SIGNS, ""), placed.start());
        Spoken spoken = new Spoken(cue + "-" + number, seconds, worded, source, likeness);
        if (!TakenBack.isOf(drafts, spoken, withdrawn) && !ToldTwice.isOf(spoken, drafts)) {
            drafts.add(spoken);
        }
    }

    /** The words of a passage that are told of one place. */
    private String toldThere(Passages.Passage passage, int at) {
        if (!course.isTold()) {
            return passage.text();
        }
        int[] there = course.toldThere(
                at, passage.start(), passage.start() + passage.text().length());
        return passage.text().substring(there[0] - passage.start(), there[1] - passage.start());
    }

    /** The speaker tells of it what he sees, and of an opening or a wall what he knows. */
    private static boolean isInThePipe(Draft said) {
        Family family = said.kind().family();
        return family == Family.CONDITION || family == Family.WATER || said.matter() == FindingKind.TIE_IN;
    }

    /** "Right away we're in clay": that it begins so is no change. */
    private boolean isBeginning(Draft said, int at, Passages.Passage passage) {
        return said.matter() == FindingKind.MATERIAL_CHANGE
                && said.traits().before().isUnknown()
                && said.place()
                        .or(() -> course.at(at))
                        .filter(p -> p.from().mm() > 0)
                        .isEmpty()
                && course.all(passage.start(), passage.start() + passage.text().length())
                        .isEmpty();
    }

    /** A sentence without a matter of its own may add to what was said just before: "that is at 42". */
    private void addOn(String text, double seconds) {
        if (drafts.isEmpty() || seconds - drafts.getLast().seconds() > SOON_S) {
            return;
        }
        Spoken last = drafts.getLast();
        Draft more = reader.goOn(text, unit, last.draft());
        if (last.draft().kind().family() == Family.FEATURE
                && last.draft().place().isPresent()) {
            // "About twenty feet of it has to come out" is no length of where the main is met.
            more = more.at(last.draft().place());
        }
        if (!Sides.isSided(more) && last.draft().traits().clock().isEmpty()) {
            more = more.on(Optional.empty());
        }
        if (!more.equals(last.draft())) {
            drafts.set(drafts.size() - 1, last.with(more));
        }
    }

    /** Whether the place that is said from one character to another is that of the last finding: what is told there may be told of it. */
    private boolean isWhereTheLastIs(int from, int to) {
        return lastFinding()
                .flatMap(Draft::place)
                .filter(p -> course.within(from, to).equals(Optional.of(p)))
                .isPresent();
    }

    /** Whether the camera went on since the last finding: what is told now adds nothing to it. */
    private boolean isElsewhere(int at) {
        Optional<Draft.Place> last = lastFinding().flatMap(Draft::place).filter(Draft.Place::isPoint);
        return last.isPresent()
                && course.at(at)
                        .filter(p ->
                                p.isPoint() && p.from().compareTo(last.get().from()) > 0)
                        .isPresent();
    }

    private Optional<Draft> lastFinding() {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            if (Stating.isFound(drafts.get(i).draft())) {
                return Optional.of(drafts.get(i).draft());
            }
        }
        return Optional.empty();
    }
}
