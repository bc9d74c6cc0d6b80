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
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What one passage states: what the reader understood and what its turn of phrase says, without what it only speaks of. */
final class Stating {
    /**
     * What was stated.
     *
     * @param likeness whether it is known only by what its words are like
     */
    record Stated(List<Draft> drafts, boolean likeness) {}

    private static final double LATELY_S = 60;
    private static final Pattern SAME = Pattern.compile(
            "[\\s,.:;-]*(?:and |okay |yep |again,? )?(?:the )?(?:same(?! (?:as|joint|pipe|spot|place|way|stuff|material|(?:\\w+ ){1,2}(?:pipe|stuff|material))\\b)(?: again| thing| here| deal)?|ditto|again(?: here| there)?(?=\\s*(?:[,.]|$))|more of (?:it|them|the same|those)|(?:and )?more(?=\\s*,)|another one|(?:and )?(?:the )?next (?:one|toilet|unit)(?=\\s*(?:[,.]|$))|so does (?:the |this )?(?:second|next|third|fourth|last|other|one)(?: one| joint)?"
                    + "|(?:every|each|this|that|the next|the other) (?:joint|one)(?:'s| has|'s got| has got|s got) (?:got )?(?:it|them|'?em|some)(?: too| now| as well)?"
                    + "|(?:and |okay )?(?:that|this|the next|the other) (?:joint|one)(?:'s got| has| has got|s got) (?:a little|a few|a bunch|a lot|more|quite a few|plenty)(?: too| as well)?(?=\\s*(?:[,.]|$|on |at |up |in |along |all ))"
                    + "|(?:and |okay )?(?:there'?s |there are |got |we'?ve got |you'?ve got )(?:quite a few|a few(?: more)?|a bunch|a bunch more|a lot|several|plenty)(?: of (?:them|those|'?em))?(?: here| there)?(?=\\s*(?:[,.]|$|on |at |up |in |along ))"
                    + "|(?:it'?s |it is |is )?(?:doing|does) (?:it|that|the same)(?: again| here| too| at)?)\\b");
    /** "That's a bigger one": the thing again, and nothing of its side and size. */
    private static final Pattern COMPARED = Pattern.compile(
            "[\\s,.]*(?:'?s |and |okay |yep |now |again |there'?s |that'?s |here'?s |this is |it'?s |it is |got |we got |an? |the |even |much |little |lot |still |way )*"
                    + "(?:(?:bigger|smaller|heavier|thicker|worse|lighter|larger|longer) (?:ones?|here)|(?:biggest|worst|heaviest|thickest|largest|smallest)(?: ones?| yet| so far| of (?:them|the bunch))+|worse(?: yet| still)?(?=\\s*(?:[,.]|$|and |it'?s ))"
                    + "|(?:now )?(?:it'?s |they'?re )?(?:about |up to |maybe |easily )?(?:half|a third|a quarter|two thirds|most|\\d+ percent) (?:of )?(?:the |this )?(?:pipe|bore|line)(?: now)?)");

    /** A joint that is as it should be, or is to be checked, and of which no more is said, is no finding. */
    private static final Pattern SOUND = Pattern.compile("\\b(?:sound|fine|good|okay|ok|clean|tight|check)\\b");
    /** That it was cleaned last in April tells when it was served, and of no stretch. */
    private static final Pattern LAST_TIME = Pattern.compile(
            "\\blast (?:cleaned|jetted|cut|cabled|snaked|rodded|done)\\b|\\b(?:cleaned|jetted|cut|cabled|snaked|rodded) (?:.{0,20}\\bago|in (?:the )?(?:spring|summer|fall|winter)|in (?:january|february|march|april|may|june|july|august|september|october|november|december)|last|back in)\\b");
    /** "At twenty-nine and thirty-two feet, the same." */
    private static final Pattern THE_SAME =
            Pattern.compile("\\b(?:the same|same (?:again|thing|here|deal)|likewise|ditto)(?: again| there)?[\\s.]*$");

    private static final Pattern BROKEN = Pattern.compile("\\b(?:broken?|breaks?|busted)\\b");
    private static final Pattern MISSING = Pattern.compile("\\b(?:missing|gone|fell out|fallen out)\\b");

    private static final String NAMED = "There is %s here, %s";

    private final NoteReader reader;
    private final LengthUnit unit;
    private final Transcript transcript;
    private final Course course;
    private final Statements statements;

    Stating(NoteReader reader, LengthUnit unit, Transcript transcript, Course course) {
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
        Optional<Draft.Place> place = course.within(passage.start(), passage.start() + text.length());
        for (Statements.Stated stated : statements.in(text, transcript.lately(passage.start(), LATELY_S))) {
            boolean known = all.stream().anyMatch(d -> covers(d, stated.matter()));
            if (!known) {
                Traits measured = measured(stated, text);
                Traits traits = SideWords.in(text)
                        .map(c -> measured.withClock(Optional.of(c)))
                        // An hour is of the thing; a side that stands anywhere in the sentence need not be.
                        .orElse(low.contains("clock") ? measured : measured.withClock(Optional.empty()));
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
        Guess guess = new Guess(text);
        if (course.isTold()) {
            all.removeIf(guess::denies);
        }
        atTheJoint(all);
        if (all.stream().anyMatch(d -> d.matter() == FindingKind.HOLE)) {
            // A piece that is missing leaves a hole: one thing in two words.
            all.removeIf(d -> d.matter() == FindingKind.BREAK
                    && MISSING.matcher(low).find()
                    && !BROKEN.matcher(low).find());
        }
        List<Draft.Place> many = course.all(passage.start(), passage.start() + text.length());
        boolean joints = all.stream().allMatch(d -> d.matter() == FindingKind.JOINT);
        if (joints && !many.isEmpty() && THE_SAME.matcher(low).find() && last.isPresent()) {
            all.clear();
            last.filter(d -> d.place().isPresent())
                    .ifPresent(d ->
                            many.forEach(p -> all.add(again(d, d.traits(), text).at(Optional.of(p)))));
        }
        if (all.isEmpty() && SAME.matcher(low).lookingAt()) {
            last.filter(d -> d.place().isPresent()).ifPresent(d -> all.add(again(d, d.traits(), text)));
        } else if (all.isEmpty() && COMPARED.matcher(low).lookingAt()) {
            last.filter(d -> d.place().isPresent() && isOneOfMany(d))
                    .ifPresent(d -> all.add(again(d, Traits.NONE, text)));
        }
        boolean likeness = all.isEmpty() && course.isTold();
        if (likeness) {
            guess.stated(statements, behindPlace || !many.isEmpty(), course.isBehindFarthest(passage.start()))
                    .ifPresent(matter -> all.add(guessed(matter, place, text)));
        }
        boolean main = all.stream().anyMatch(d -> d.matter() == FindingKind.MAIN_CONNECTION);
        all.removeIf(d -> d.matter() == FindingKind.TIE_IN && (main || ComesIn.isNoPipe(text, last)));
        all.replaceAll(d -> NotFound.isAskedAndDenied(d, text) || NotFound.isGone(d, text) ? d.ruledOut() : d);
        if (course.isTold()) {
            List<Draft> whole = List.copyOf(all);
            all.removeIf(d -> isFound(d) && NotFound.isFoundBefore(d, whole, text, drafts));
        }
        all.removeIf(d -> course.isTold()
                && d.matter() == FindingKind.JOINT
                && d.traits().details().isNone()
                && SOUND.matcher(low).find());
        boolean service = all.stream().anyMatch(d -> d.matter() == Act.SERVICE);
        all.removeIf(d -> service
                && d.matter() == FindingKind.CLEANED
                && LAST_TIME.matcher(low).find());
        all.sort(Comparator.comparingInt(Draft::start));
        return new Stated(course.isTold() ? withoutWhatIsAdvised(all) : all, likeness);
    }

    private static Draft guessed(Topic matter, Optional<Draft.Place> place, String text) {
        return new Draft(
                matter,
                place,
                Optional.empty(),
                Traits.NONE.withClock(SideWords.in(text)),
                Certainty.SEEN,
                text.strip(),
                "",
                0);
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
    private Traits measured(Statements.Stated stated, String text) {
        boolean condition = stated.matter() instanceof FindingKind kind && kind.family() == Family.CONDITION;
        if (!condition || stated.certainty() == Certainty.RULED_OUT) {
            return Traits.NONE;
        }
        return reader.hear(NAMED.formatted(stated.matter().word(), text), unit, Optional.empty()).drafts().stream()
                .filter(d -> d.matter().equals(stated.matter()))
                .findFirst()
                .map(Draft::traits)
                .orElse(Traits.NONE);
    }

    /** "Get the roots cut": what is to be done about a thing finds it no second time. */
    private static List<Draft> withoutWhatIsAdvised(List<Draft> all) {
        boolean advice = all.stream().anyMatch(d -> d.matter() == FindingKind.ADVICE);
        return all.stream()
                .filter(d -> !(advice && d.matter() == FindingKind.JOINT))
                .filter(d -> !advice
                        || d.place().isPresent()
                        || !isFound(d)
                        || d.kind().family() == Family.LIMIT)
                .toList();
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

    /** "Same again, over the top": the last finding, here. */
    private static Draft again(Draft last, Traits kept, String text) {
        Traits traits =
                SideWords.in(text).map(c -> kept.withClock(Optional.of(c))).orElse(kept);
        return new Draft(
                last.matter(), Optional.empty(), Optional.empty(), traits, last.certainty(), text.strip(), "", 0);
    }

    /** What there may be a bigger one of, and a worse. */
    private static boolean isOneOfMany(Draft draft) {
        Family family = draft.kind().family();
        return family == Family.CONDITION || family == Family.WATER || draft.matter() == FindingKind.TIE_IN;
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
