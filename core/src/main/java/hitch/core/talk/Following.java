package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.OddPlace;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Follows a commentary passage by passage, as a listener does who remembers what was said. */
final class Following {
    /** What adds to the sentence before follows it so soon, seconds. */
    private static final double SOON_S = 12;
    /** What is said twice so soon is said once. */
    private static final double TWICE_S = 11;

    /** Two of these are two, however soon they follow. */
    private static final Set<FindingKind> STAND_APART =
            EnumSet.of(FindingKind.ADVICE, FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE);

    private static final String CLAIM = "There is ";
    /** The thing is named so early behind a place, characters. */
    private static final int FIRST_WORDS = 24;

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Transcript transcript;
    private final Course course;
    private final Standing standing;
    private final Tally tally;
    private final Stating stating;
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
        this.stating = new Stating(transcript, course);
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
        Note note = heard(passage);
        note.pipes().forEach(p -> pipes.add(new Spoken.PipeSaid(seconds, p, text.strip())));
        List<Draft> said = stating.in(passage, note, drafts, lastFinding());
        Optional<Draft.Place> from = course.at(passage.start());
        Optional<Draft.Place> end = course.at(passage.start() + text.length() - 1);
        boolean whole = from.isPresent() && !from.equals(end) && Stretched.isWhole(text, said, seconds, drafts);
        boolean closed = !whole && Stretched.close(text, end, seconds, drafts);
        if (said.isEmpty()) {
            if (!closed) {
                addOn(text, seconds);
                Sides.add(text, seconds, drafts);
                pointed.passed(text, seconds);
            }
            return;
        }
        said.forEach(d -> take(whole && Stretched.isWater(d) ? d.at(from) : d, passage, closed));
        if (whole) {
            Stretched.close(text, end, seconds, drafts);
        }
    }

    /** A word that names a thing right behind a place claims it: "Thirteen. Grease along the bottom." */
    private Note heard(Passages.Passage passage) {
        Note note = reader.hear(passage.text(), unit, lastFinding());
        boolean stands = follows(passage);
        if (!note.drafts().isEmpty() || !stands) {
            return note;
        }
        Note claimed = reader.hear(CLAIM + passage.text().replaceFirst("^[\\s.,]+", ""), unit, lastFinding());
        int shift = passage.text().length()
                - passage.text().replaceFirst("^[\\s.,]+", "").length()
                - CLAIM.length();
        return new Note(
                passage.text(),
                claimed.drafts().stream()
                        .filter(d -> d.kind().family() != Family.TOLD && d.start() < CLAIM.length() + FIRST_WORDS)
                        .map(d -> d.saidAs(passage.text().strip(), Math.max(0, d.start() + shift)))
                        .toList(),
                note.pipes(),
                note.remark(),
                note.chips());
    }

    private boolean follows(Passages.Passage passage) {
        boolean here = course.isPlaceAt(passage.start()) || afterPlace;
        // "Thirteen." may be a passage of its own.
        afterPlace = course.isPlaceAt(passage.start())
                && passage.text().replaceAll("[\\s.,]", "").isEmpty();
        return here;
    }

    private void take(Draft said, Passages.Passage passage, boolean closed) {
        int at = passage.start() + said.start();
        int cue = transcript.cueAt(at);
        double seconds = transcript.cues().get(cue).start();
        boolean water = said.kind().family() == Family.WATER;
        boolean told = course.isTold() && Stating.isFound(said);
        if (told && (tally.counts(at) || NotFound.is(said, passage.text(), seconds, drafts))) {
            return;
        }
        if (water && (closed || Stretched.isStillIn(passage.text(), seconds, drafts))) {
            return;
        }
        Draft own = Sides.asBefore(Sides.settled(said, passage.text()), seconds, drafts);
        Draft there = Sides.insteadOf(own, passage.text(), seconds, drafts);
        // Where a place is said anew, the eye is led anew.
        Draft shown = course.isPlaceAt(passage.start()) && !pointed.isJustBefore(seconds)
                ? there
                : pointed.on(there, passage.text(), seconds);
        Draft sided = Sides.thatSide(shown, passage.text(), transcript.lately(at, SOON_S));
        Optional<Draft> again = Stretched.toldAgain(sided, passage.text(), seconds, drafts);
        Draft placed = again.orElseGet(() -> standing.placed(
                sided, at, passage.start(), passage.start() + passage.text().length()));
        placed = Sides.asThere(placed, drafts);
        if (placed.place().isEmpty() && course.isOver(at) && Stating.isFound(placed)) {
            // The camera is out: what is told without a place was told before with one.
            return;
        }
        Spoken.Source source = placed.place().isEmpty()
                ? Spoken.Source.NONE
                : said.place().equals(placed.place()) ? Spoken.Source.SAID : Spoken.Source.STANDING;
        int number = counts.merge(cue, 1, Integer::sum) - 1;
        Spoken spoken = new Spoken(cue + "-" + number, seconds, placed, source);
        if (!TakenBack.isOf(drafts, spoken, withdrawn) && !isTwice(spoken)) {
            drafts.add(spoken);
        }
    }

    /** The same thing at the same place a moment ago: what is new in it goes to the first. */
    private boolean isTwice(Spoken spoken) {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            Spoken before = drafts.get(i);
            if (spoken.seconds() - before.seconds() > TWICE_S) {
                return false;
            }
            boolean same = before.draft().matter() == spoken.draft().matter()
                    && before.draft().certainty() == spoken.draft().certainty()
                    && (Stating.isFound(spoken.draft()) || spoken.seconds() == before.seconds())
                    && !STAND_APART.contains(spoken.draft().matter())
                    && Spoken.isSamePlace(before.draft(), spoken.draft());
            if (same) {
                drafts.set(
                        i,
                        before.with(before.draft()
                                .filled(
                                        spoken.draft().place(),
                                        spoken.draft().length(),
                                        spoken.draft().traits())));
                return true;
            }
        }
        return false;
    }

    /** A sentence without a matter of its own may add to what was said just before: "that is at 42". */
    private void addOn(String text, double seconds) {
        if (drafts.isEmpty() || seconds - drafts.getLast().seconds() > SOON_S) {
            return;
        }
        Spoken last = drafts.getLast();
        Draft more = reader.goOn(text, unit, last.draft());
        if (!Sides.isSided(more) && last.draft().traits().clock().isEmpty()) {
            more = more.on(Optional.empty());
        }
        if (!more.equals(last.draft())) {
            drafts.set(drafts.size() - 1, last.with(more));
        }
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
