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
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    private final InItsPlace inItsPlace;
    private final Tally tally;
    private final Stating stating;
    private final BehindPlace behindPlace;
    private final OnItsSide sides;
    private final SummingUp summingUp;
    private final AddedTo addedTo;
    private final Pointed pointed = new Pointed();
    private final Map<Integer, Integer> counts = new HashMap<>();
    private final List<Spoken> drafts = new ArrayList<>();
    private final List<Spoken.PipeSaid> pipes = new ArrayList<>();
    private final List<Spoken.Withdrawn> withdrawn = new ArrayList<>();
    /** The keys of what was guessed at first. */
    private final Set<String> guessed = new HashSet<>();
    /** Whether the passage before was a place and nothing else. */
    private boolean afterPlace;
    /** Whether what was told last was told with its place. */
    private boolean lastPlaced;
    /** Whether what was told last, and what was told before that, was told without a place and may only have been announced. */
    private boolean announces;

    private boolean mayAnnounce;

    Following(NoteReader reader, LengthUnit unit, Transcript transcript, Course course) {
        this.reader = reader;
        this.unit = unit;
        this.transcript = transcript;
        this.course = course;
        this.inItsPlace = new InItsPlace(reader, unit, transcript, course);
        this.sides = new OnItsSide(transcript, course, pointed);
        this.summingUp = new SummingUp(course);
        this.addedTo = new AddedTo(reader, unit, course);
        this.tally = new Tally(transcript.text(), course);
        this.behindPlace = new BehindPlace(reader, unit);
        this.stating = new Stating(reader, unit, transcript, course, summingUp);
    }

    Spoken.All all() {
        Sift sift = Sift.of(
                drafts, drafts.stream().filter(d -> guessed.contains(d.key())).count());
        List<Spoken.Odd> odd = new ArrayList<>();
        for (OddPlace place : course.odd()) {
            double seconds = transcript.secondsAt(place.start());
            sift.likely().stream()
                    .filter(d -> d.seconds() >= seconds && d.seconds() < seconds + SOON_S)
                    .findFirst()
                    .ifPresent(d -> odd.add(new Spoken.Odd(place, d)));
        }
        return new Spoken.All(sift.likely(), sift.unlikely(), pipes, withdrawn, odd);
    }

    void read(Passages.Passage passage) {
        String text = passage.text();
        if (text.isBlank()) {
            afterPlace = course.isPlaceAt(passage.start());
            return;
        }
        double seconds = transcript.secondsAt(passage.start());
        boolean isBehindPlace = follows(passage);
        Sides.along(text, seconds, drafts);
        if (TakenBack.isNo(text)
                && !(isBehindPlace && isElsewhere(passage))
                && !TakenBack.isOfAnother(text, lastFinding())) {
            TakenBack.last(drafts, seconds, withdrawn);
        }
        summingUp.read(
                passage,
                isBehindPlace || !course.all(passage.start(), passage.end()).isEmpty(),
                drafts);
        Note note = heard(passage, isBehindPlace);
        note.pipes().forEach(p -> pipes.add(new Spoken.PipeSaid(seconds, p, text.strip())));
        Stating.Stated stated = stating.in(passage, isBehindPlace, note, drafts, lastFinding());
        List<Draft> said = course.isTold() ? Listed.atEach(stated.drafts(), passage, course) : stated.drafts();
        int last = passage.end();
        List<Draft.Place> within = course.all(passage.start(), last);
        boolean noneWithin = within.isEmpty();
        Optional<Draft.Place> from = noneWithin ? course.at(passage.start()) : Optional.of(within.getFirst());
        boolean unplaced = !course.isPlaceAt(passage.start()) && noneWithin;
        Optional<Draft.Place> end = unplaced && Stretched.endsOutOfIt(text)
                ? course.behind(last).or(() -> course.at(last - 1))
                : course.at(last - 1);
        if (course.isTold() && !lastPlaced) {
            BeginsAt.told(course, passage, seconds, drafts);
        }
        if (Stretched.goesOn(text, end, said, seconds, drafts) || Stretched.ends(text, end, said, seconds, drafts)) {
            Sides.add(beforeAPlace(passage), seconds, drafts);
            return;
        }
        boolean whole = from.isPresent() && !from.equals(end) && Stretched.isWhole(text, said, seconds, drafts);
        boolean closed = !whole && Stretched.close(text, end, said, seconds, drafts);
        if (said.isEmpty()) {
            if (!closed) {
                addedTo.last(passage, seconds, drafts, lastFinding());
                Sides.add(beforeAPlace(passage), seconds, drafts);
                pointed.passed(text, transcript.secondsAt(last - 1));
            }
            return;
        }
        mayAnnounce = announces;
        announces = !isBehindPlace && noneWithin;
        lastPlaced = isBehindPlace || !noneWithin;
        said.forEach(d -> take(
                whole && Stretched.isWater(d) ? d.at(from) : d,
                passage,
                closed,
                stated.guessed().contains(d.matter())));
        if (whole) {
            Stretched.close(text, end, List.of(), seconds, drafts);
        }
    }

    /** "Thirty-eight, nope, that's only paper": nothing that was found before is taken back. */
    private boolean isElsewhere(Passages.Passage passage) {
        Optional<Draft.Place> here = course.at(passage.start());
        Optional<Draft.Place> there = lastFinding().flatMap(Draft::place);
        return here.isPresent() && there.isPresent() && !here.equals(there);
    }

    /** The words of a passage that stand before the place that is said in it. */
    private String beforeAPlace(Passages.Passage passage) {
        return passage.text().substring(0, course.placeIn(passage.start(), passage.end()) - passage.start());
    }

    private Note heard(Passages.Passage passage, boolean isBehindPlace) {
        Note note = reader.hear(passage.text(), unit, lastFinding());
        Optional<Wall> before =
                pipes.reversed().stream().flatMap(p -> p.pipe().wall().stream()).findFirst();
        boolean placed = isBehindPlace
                || course.isTold()
                        && !course.all(passage.start(), passage.end()).isEmpty();
        if (!note.drafts().isEmpty() && placed) {
            return behindPlace.besides(note, before, lastFinding());
        }
        if (!note.drafts().isEmpty() || !isBehindPlace) {
            return note;
        }
        boolean first =
                before.isEmpty() && drafts.stream().noneMatch(d -> d.draft().matter() == FindingKind.MATERIAL_CHANGE);
        return behindPlace.isOtherPipe(note, before, first)
                ? behindPlace.changed(note, lastFinding())
                : behindPlace.claimed(note, lastFinding());
    }

    private boolean follows(Passages.Passage passage) {
        boolean here = course.isPlaceAt(passage.start()) || afterPlace;
        afterPlace = PlaceAlone.is(passage, course);
        return here;
    }

    private void take(Draft said, Passages.Passage passage, boolean closed, boolean likeness) {
        int at = passage.start() + said.start();
        int cue = transcript.cueAt(at);
        double seconds = transcript.cues().get(cue).start();
        if (isNothing(said, at, passage, seconds)) {
            return;
        }
        forgetWhatItWasTakenFor(said, passage, seconds);
        boolean held = course.isTold() && Stating.isFound(said) && HeldThere.is(said, passage.text(), seconds, drafts);
        if (held || isOfWaterThatIsKnown(said, passage, closed, seconds)) {
            return;
        }
        Draft sided = sides.of(said, at, passage, seconds, drafts);
        Optional<Draft> again = ToldTwice.asALength(sided, passage.text(), seconds, drafts);
        Draft placed = Sides.asThere(again.orElseGet(() -> inItsPlace.of(sided, at, passage, seconds, drafts)), drafts);
        if (course.isTold() && again.isPresent() && ToldTwice.isKnown(placed, drafts)
                || isKnown(placed, at, passage, seconds, likeness)) {
            if (likeness
                    && !drafts.isEmpty()
                    && drafts.getLast().draft().matter().equals(placed.matter())) {
                Sides.add(passage.text(), seconds, drafts);
            }
            return;
        }
        if (mayAnnounce && lastPlaced && course.isTold() && Stating.isFound(placed)) {
            BeginsAt.announced(placed, passage.text(), seconds, drafts);
        }
        Spoken.Source source = placed.place().isEmpty()
                ? Spoken.Source.NONE
                : said.place().equals(placed.place()) ? Spoken.Source.SAID : Spoken.Source.STANDING;
        int number = counts.merge(cue, 1, Integer::sum) - 1;
        Draft worded = placed.saidAs(placed.wording().replaceFirst(LEADING_SIGNS, ""), placed.start());
        Spoken spoken = new Spoken(cue + "-" + number, seconds, worded, source, likeness);
        if (!TakenBack.isOf(drafts, spoken, withdrawn)
                && !TakenBack.isNamedBetter(drafts, spoken, withdrawn)
                && !ToldTwice.isOf(spoken, drafts)) {
            drafts.add(spoken);
            if (likeness) {
                guessed.add(spoken.key());
            }
        }
    }

    /** Whether it only sounds like a thing of the pipe. */
    private boolean isNothing(Draft said, int at, Passages.Passage passage, double seconds) {
        if (!course.isTold()) {
            return false;
        }
        boolean found = Stating.isFound(said);
        if (said.matter() == FindingKind.LOCATE && drafts.stream().noneMatch(d -> Stating.isInThePipe(d.draft()))) {
            // "Five foot down", and nothing found yet that could be marked: so deep it goes.
            return true;
        }
        return found
                        && (tally.counts(at)
                                || summingUp.isBegun() && Stating.isInThePipe(said)
                                || NotFound.is(here(said, at), passage.text(), lastPlaced, seconds, drafts)
                                || course.isBehindFarthest(passage.start())
                                        && NotFound.isPassedAgain(said, passage.text(), lastPlaced, drafts)
                                || NotFound.isKnownThing(said, passage.text(), lastPlaced, drafts))
                || FirstPipe.is(said, at, passage, course, drafts)
                || found && course.isBefore(at) && (Stating.isInThePipe(said) || said.matter() == FindingKind.END);
    }

    /** With the place where the camera is, unless one is said. */
    private Draft here(Draft said, int at) {
        return said.place().isPresent() ? said : said.at(course.at(at));
    }

    /** "There's a tee straight up, that's a cleanout": what was taken for a tie-in is that, and goes. */
    private void forgetWhatItWasTakenFor(Draft said, Passages.Passage passage, double seconds) {
        boolean thatOpening = course.isTold()
                && said.matter() == FindingKind.OPENING
                && THAT_OPENING.matcher(passage.text().toLowerCase(Locale.ROOT)).find();
        if (thatOpening && ToldTwice.isJustFound(FindingKind.TIE_IN, seconds, drafts)) {
            drafts.removeLast();
        }
    }

    private boolean isOfWaterThatIsKnown(Draft said, Passages.Passage passage, boolean closed, double seconds) {
        return said.kind().family() == Family.WATER && (closed || Stretched.isStillIn(passage.text(), seconds, drafts));
    }

    /** Whether what is told is told once more, by its place or by when it is told. */
    private boolean isKnown(Draft placed, int at, Passages.Passage passage, double seconds, boolean likeness) {
        boolean unseen = placed.matter() == FindingKind.LIMIT
                && UNSEEN.matcher(passage.text()).find();
        // The camera is out: what is told without a place was told before with one.
        boolean summed = placed.place().isEmpty() && course.isOver(at) && Stating.isFound(placed) && !unseen;
        boolean told = course.isTold()
                && (ToldTwice.isOfTheMain(placed, passage.text(), seconds, drafts)
                        || ToldTwice.isSameWater(placed, seconds, drafts)
                        || ToldTwice.isSameRemark(placed, seconds, drafts));
        return summed || told || likeness && ToldTwice.isLately(placed, seconds, drafts);
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
