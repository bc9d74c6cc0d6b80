package hitch.core.talk;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.OddPlace;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
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
    /** What is said twice so soon is said once. */
    private static final double TWICE_S = 11;

    /** Two of these are two, however soon they follow. */
    private static final Set<FindingKind> STAND_APART =
            EnumSet.of(FindingKind.ADVICE, FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE);

    private static final double LATELY_S = 60;
    private static final String CLAIM = "There is ";
    /** The thing is named so early behind a place, characters. */
    private static final int FIRST_WORDS = 24;

    private static final Pattern SAME = Pattern.compile(
            "[\\s,.]*(?:and |okay |yep |again,? )?(?:the )?(?:same(?! as\\b)(?: again| thing| here| deal)?|ditto|more of (?:it|them|the same|those)|another one)\\b");

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Transcript transcript;
    private final Course course;
    private final Standing standing;
    private final Tally tally;
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
        List<Draft> said = stated(passage, note);
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
        boolean told = course.isTold() && isFound(said);
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
        if (placed.place().isEmpty() && course.isOver(at) && isFound(placed)) {
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
                    && (isFound(spoken.draft()) || spoken.seconds() == before.seconds())
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

    /** What the reader understood and what the sentence states by its turn of phrase, without what it only speaks of. */
    private List<Draft> stated(Passages.Passage passage, Note note) {
        String text = passage.text();
        List<Draft> all = new ArrayList<>();
        note.drafts().stream()
                .filter(d -> !course.isTold() || d.matter() != FindingKind.REMARK)
                .filter(d -> !course.isTold() || Statements.isClaimed(d.matter(), text))
                .forEach(all::add);
        Optional<Draft.Place> place = course.within(passage.start(), passage.start() + text.length());
        for (Statements.Stated stated : Statements.in(text, transcript.lately(passage.start(), LATELY_S))) {
            boolean known = all.stream().anyMatch(d -> covers(d, stated.matter()));
            if (!known) {
                Traits traits = SideWords.in(text)
                        .map(c -> Traits.NONE.withClock(Optional.of(c)))
                        .orElse(Traits.NONE);
                all.add(new Draft(
                        stated.matter(),
                        place,
                        Optional.empty(),
                        traits,
                        stated.certainty(),
                        text.strip(),
                        "",
                        stated.at()));
            }
        }
        if (all.isEmpty() && SAME.matcher(text.toLowerCase(Locale.ROOT)).lookingAt()) {
            lastFinding().filter(d -> d.place().isPresent()).ifPresent(d -> all.add(again(d, text)));
        }
        boolean main = all.stream().anyMatch(d -> d.matter() == FindingKind.MAIN_CONNECTION);
        all.removeIf(d -> d.matter() == FindingKind.TIE_IN && (main || ComesIn.isNoPipe(text, lastFinding())));
        all.replaceAll(d -> NotFound.isAskedAndDenied(d, text) ? d.ruledOut() : d);
        if (course.isTold()) {
            List<Draft> whole = List.copyOf(all);
            all.removeIf(d -> isFound(d) && NotFound.isFoundBefore(d, whole, text, drafts));
        }
        all.sort(Comparator.comparingInt(Draft::start));
        return course.isTold() ? withoutWhatIsAdvised(all) : all;
    }

    /** "Get the roots cut": what is to be done about a thing finds it no second time. */
    private static List<Draft> withoutWhatIsAdvised(List<Draft> all) {
        boolean advice = all.stream().anyMatch(d -> d.matter() == FindingKind.ADVICE);
        return all.stream()
                .filter(d -> !advice
                        || d.place().isPresent()
                        || !isFound(d)
                        || d.kind().family() == Family.LIMIT)
                .toList();
    }

    /** Whether what the reader understood makes a matter that is stated none of its own. */
    private boolean covers(Draft draft, Topic stated) {
        if (draft.matter() == FindingKind.BOUNDARY && stated == FindingKind.REMARK) {
            return true;
        }
        if (draft.matter() instanceof FindingKind kind && stated instanceof FindingKind other) {
            return kind.broad() == other.broad();
        }
        boolean again = !course.isTold() && stated == Act.SERVICE && draft.matter() == FindingKind.ADVICE;
        return draft.matter().equals(stated)
                || again && draft.traits().details().has(Detail.WHEN);
    }

    /** "Same again, over the top": the last finding, here. */
    private static Draft again(Draft last, String text) {
        Traits traits = SideWords.in(text)
                .map(c -> last.traits().withClock(Optional.of(c)))
                .orElse(last.traits());
        return new Draft(
                last.matter(), Optional.empty(), Optional.empty(), traits, last.certainty(), text.strip(), "", 0);
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

    private static boolean isFound(Draft draft) {
        return draft.matter() instanceof FindingKind k && k.family() != Family.TOLD && k != FindingKind.REMARK;
    }

    private Optional<Draft> lastFinding() {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            if (isFound(drafts.get(i).draft())) {
                return Optional.of(drafts.get(i).draft());
            }
        }
        return Optional.empty();
    }
}
