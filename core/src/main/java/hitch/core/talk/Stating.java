package hitch.core.talk;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.note.FactOfJob;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What one passage states: what the reader understood and what its turn of phrase says, without what it only speaks of. */
final class Stating {
    /**
     * What was stated.
     *
     * @param guessed what is known only by what its words are like
     */
    record Stated(List<Draft> drafts, Set<Topic> guessed) {}

    private static final double LATELY_S = 60;
    /** That it was cleaned last in April tells when it was served, and of no stretch. */
    private static final Pattern LAST_TIME = Pattern.compile(
            "\\blast (?:cleaned|jetted|cut|cabled|snaked|rodded|done)\\b|\\b(?:cleaned|jetted|cut|cabled|snaked|rodded) (?:.{0,20}\\bago|in (?:the )?(?:spring|summer|fall|winter)|in (?:january|february|march|april|may|june|july|august|september|october|november|december)|last|back in)\\b");

    private static final Pattern BROKEN = Pattern.compile("\\b(?:broken?|breaks?|busted)\\b");
    private static final Pattern MISSING = Pattern.compile("\\b(?:missing|gone|fell out|fallen out)\\b");

    private static final Pattern NOT_PAST = Pattern.compile(
            "\\b(?:not|n't|cannot|unable)\\b.*\\b(?:beyond|past|by|through|around|over|further than)\\b");

    /** What lies in the bottom of a bend tells not where it turns. */
    private static final Pattern TURNS = Pattern.compile("(?i)\\b(?:left|right|up|down|clock)\\b");

    private static final String NAMED = "There is %s here, %s";

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Transcript transcript;
    private final Course course;
    private final Statements statements;
    private final SummingUp summingUp;

    Stating(NoteReader reader, LengthUnit unit, Transcript transcript, Course course, SummingUp summingUp) {
        this.summingUp = summingUp;
        this.reader = reader;
        this.unit = unit;
        this.transcript = transcript;
        this.course = course;
        this.statements = Statements.where(course.isTold());
    }

    /**
     * @param behindPlace whether it stands right behind a place
     * @param note what the reader understood of it
     * @param drafts what was found before it
     * @param last the thing that was found last
     */
    Stated in(Passages.Passage passage, boolean behindPlace, Note note, List<Spoken> drafts, Optional<Draft> last) {
        String text = passage.text();
        String low = text.toLowerCase(Locale.ROOT);
        List<Draft> all = new ArrayList<>();
        note.drafts().stream()
                .filter(d -> !course.isTold()
                        || d.matter() != FindingKind.REMARK
                        || FactOfJob.in(d).isPresent())
                .filter(d -> !course.isTold() || statements.isClaimed(d.matter(), text))
                .forEach(all::add);
        Guess guess = new Guess(text);
        addWhatIsStated(passage, all);
        if (course.isTold()) {
            // Words that are like nothing are no reason against a turn of phrase that tells it anywhere.
            Set<Topic> sure = guess.isLikeNothing() ? Statements.anywhere(text) : Set.of();
            all.removeIf(d -> !sure.contains(d.matter()) && guess.denies(d));
        }
        atTheJoint(all);
        if (all.stream().anyMatch(d -> d.matter() == FindingKind.HOLE)) {
            // A piece that is missing leaves a hole: one thing in two words.
            all.removeIf(d -> d.matter() == FindingKind.BREAK
                    && MISSING.matcher(low).find()
                    && !BROKEN.matcher(low).find());
        }
        if (all.stream().anyMatch(d -> d.kind().family() == Family.LIMIT)) {
            // "Could not be advanced beyond a bend": the bend is there.
            all.removeIf(d -> d.certainty() == Certainty.RULED_OUT
                    && NOT_PAST.matcher(low).find());
        }
        addWhatIsTheSame(passage, behindPlace, drafts, last, all);
        if (course.isTold() && course.isBehindFarthest(passage.start()) && isOfTheThing(all)) {
            // "Root cutting, then a liner from 13 to 31": nothing is found once more.
            guess.meant(statements).ifPresent(matter -> {
                all.clear();
                all.add(draft(matter, passage, Certainty.SEEN, 0));
            });
        }
        Set<Topic> guessed = course.isTold() ? addWhatIsGuessed(passage, behindPlace, guess, all) : Set.of();
        boolean main = all.stream().anyMatch(d -> d.matter() == FindingKind.MAIN_CONNECTION);
        all.removeIf(d -> d.matter() == FindingKind.TIE_IN && (main || ComesIn.isNoPipe(text, last)));
        all.replaceAll(
                d -> NotFound.isAskedAndDenied(d, text) || NotFound.isGone(d, text) || TakenBack.isByName(d, text)
                        ? d.ruledOut()
                        : TakenBack.isPutRight(d, text) ? d.seen() : d);
        if (course.isTold()) {
            List<Draft> whole = List.copyOf(all);
            all.removeIf(d -> isFound(d) && NotFound.isFoundBefore(d, whole, text, drafts));
        }
        // A joint of which no more is said is no finding.
        all.removeIf(d -> course.isTold()
                && d.matter() == FindingKind.JOINT
                && d.traits().details().isNone());
        if (course.isTold()) {
            Neighbours.drop(all);
        }
        boolean service = all.stream().anyMatch(d -> d.matter() == Act.SERVICE);
        all.removeIf(d -> service
                && d.matter() == FindingKind.CLEANED
                && LAST_TIME.matcher(low).find());
        if (course.isTold()) {
            Hedged.join(all);
        }
        all.sort(Comparator.comparingInt(Draft::start));
        return new Stated(course.isTold() ? OnlyAdvised.without(all, low, behindPlace) : all, guessed);
    }

    private static boolean isOfTheThing(List<Draft> all) {
        return !all.isEmpty() && all.stream().allMatch(d -> isInThePipe(d) || d.matter() == FindingKind.CLEANED);
    }

    /** Adds what its turn of phrase says and the reader did not understand. */
    private void addWhatIsStated(Passages.Passage passage, List<Draft> all) {
        String text = passage.text();
        for (Statements.Stated stated : statements.in(text, transcript.lately(passage.start(), LATELY_S))) {
            if (all.stream().noneMatch(d -> covers(d, stated.matter()))) {
                all.add(draft(stated.matter(), passage, stated.certainty(), stated.at()));
            }
        }
    }

    /** Adds what is said to be as it was before. */
    private void addWhatIsTheSame(
            Passages.Passage passage, boolean behindPlace, List<Spoken> drafts, Optional<Draft> last, List<Draft> all) {
        SameAgain same = new SameAgain(passage.text(), last);
        List<Draft.Place> many = course.all(passage.start(), passage.end());
        boolean joints = all.stream().allMatch(d -> d.matter() == FindingKind.JOINT);
        if (joints && !many.isEmpty() && same.isEndedBy()) {
            all.clear();
            all.addAll(same.at(many));
        }
        if (all.isEmpty()) {
            same.whole().ifPresent(all::add);
        }
        if (course.isTold() && behindPlace) {
            same.behindPlace(all, drafts).ifPresent(all::add);
        }
    }

    /**
     * Adds what the words are like.
     *
     * @return the matters that are known by nothing else
     */
    private Set<Topic> addWhatIsGuessed(Passages.Passage passage, boolean behindPlace, Guess guess, List<Draft> all) {
        String text = passage.text();
        Set<Topic> guessed = new HashSet<>();
        boolean placed =
                behindPlace || !course.all(passage.start(), passage.end()).isEmpty();
        if (all.isEmpty() && !SameAgain.isNameless(text)) {
            guess.stated(
                            statements,
                            placed,
                            course.isBehindFarthest(passage.start()),
                            summingUp.isBegun(),
                            course.isBefore(passage.start()))
                    .ifPresent(matter -> {
                        all.add(draft(matter, passage, Certainty.SEEN, 0));
                        guessed.add(matter);
                    });
        }
        if (placed) {
            for (Guess.Clause clause : guess.clauses(statements)) {
                if (all.stream()
                        .noneMatch(d -> covers(d, clause.matter())
                                || !guessed.contains(d.matter()) && Neighbours.are(d.matter(), clause.matter()))) {
                    all.add(draft(clause.matter(), passage, Certainty.SEEN, clause.at()));
                    guessed.add(clause.matter());
                }
            }
        }
        return guessed;
    }

    private Draft draft(Topic matter, Passages.Passage passage, Certainty certainty, int at) {
        String text = passage.text();
        Traits measured = measured(matter, certainty, text);
        boolean clock = text.toLowerCase(Locale.ROOT).contains("clock");
        Traits traits = SideWords.in(text)
                .filter(c -> matter != FindingKind.BEND || TURNS.matcher(text).find())
                .map(c -> measured.withClock(Optional.of(c)))
                // An hour is of the thing; a side that stands anywhere in the sentence need not be.
                .orElse(clock ? measured : measured.withClock(Optional.empty()));
        return new Draft(
                matter,
                course.within(passage.start(), passage.end()),
                Optional.empty(),
                traits,
                certainty,
                text.strip(),
                "",
                at);
    }

    /** "The pipe has dropped at this joint, 82": the joint is where it is; and soil that shows through a gap is no debris. */
    private static void atTheJoint(List<Draft> all) {
        Optional<Draft> joint =
                all.stream().filter(d -> d.matter() == FindingKind.JOINT).findFirst();
        boolean moved =
                joint.isPresent() && all.stream().anyMatch(d -> isOfJoint(d) && d.certainty() != Certainty.RULED_OUT);
        if (moved) {
            all.replaceAll(
                    d -> isOfJoint(d) && d.place().isEmpty() ? d.at(joint.get().place()) : d);
            all.remove(joint.get());
        }
        boolean soil = all.stream()
                .anyMatch(d -> d.traits()
                        .details()
                        .get(Detail.STATE)
                        .filter(s -> s == State.OPEN_TO_SOIL)
                        .isPresent());
        all.removeIf(d -> soil && d.matter() == FindingKind.DEBRIS);
    }

    private static boolean isOfJoint(Draft draft) {
        return draft.matter() == FindingKind.OFFSET || draft.matter() == FindingKind.GAP;
    }

    /** "The pipe has dropped about an inch": what the reader understands of it once the thing is named. */
    private Traits measured(Topic matter, Certainty certainty, String text) {
        boolean condition = matter instanceof FindingKind kind && kind.family() == Family.CONDITION;
        if (!condition || certainty == Certainty.RULED_OUT) {
            return Traits.NONE;
        }
        return reader.hear(NAMED.formatted(matter.word(), text), unit, Optional.empty()).drafts().stream()
                .filter(d -> d.matter().equals(matter))
                .findFirst()
                .map(Draft::traits)
                .orElse(Traits.NONE);
    }

    /** Whether what the reader understood makes a matter that is stated none of its own. */
    private boolean covers(Draft draft, Topic stated) {
        if (draft.matter() == FindingKind.BOUNDARY && (stated == FindingKind.REMARK || stated == FindingKind.OPENING)) {
            return true;
        }
        if (draft.matter() instanceof FindingKind kind && stated instanceof FindingKind other) {
            boolean eitherOf = draft.traits()
                    .details()
                    .get(Detail.OR)
                    .filter(o -> o.equals(other.word()))
                    .isPresent();
            return eitherOf || kind.broad() == other.broad();
        }
        boolean again = !course.isTold() && stated == Act.SERVICE && draft.matter() == FindingKind.ADVICE;
        return draft.matter().equals(stated)
                || again && draft.traits().details().has(Detail.WHEN);
    }

    /** The speaker tells of it what he sees, and of an opening or a wall what he knows. */
    static boolean isInThePipe(Draft said) {
        Family family = said.kind().family();
        return family == Family.CONDITION
                || family == Family.WATER
                || said.matter() == FindingKind.TIE_IN
                || said.matter() == FindingKind.MAIN_CONNECTION;
    }

    static boolean isFound(Draft draft) {
        return isFound(draft.matter());
    }

    /** Whether it is something in the pipe, and not of the visit. */
    static boolean isFound(Topic matter) {
        return matter instanceof FindingKind k && k.family() != Family.TOLD && k != FindingKind.REMARK;
    }
}
