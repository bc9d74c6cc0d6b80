package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What a sentence names without finding it: the soil behind a hole, where a pipe ends that is not the line's end, what a map says. */
final class NotFound {
    /** The soil is told so soon after the hole that it shows in, seconds. */
    private static final double SOON_S = 15;

    private static final Set<FindingKind> OPEN =
            EnumSet.of(FindingKind.HOLE, FindingKind.BREAK, FindingKind.GAP, FindingKind.OFFSET);
    private static final Pattern SOIL =
            Pattern.compile("\\b(?:dirt|gravel|soil|earth|sand|stones?|backfill|ground|mud)\\b");
    private static final Pattern OUTSIDE = Pattern.compile(
            "\\b(?:other side|outside|behind|beyond|through (?:it|there|the)|around it|showing|visible|see)\\b");
    private static final Pattern LIES = Pattern.compile(
            "\\b(?:in the (?:bottom|pipe|invert|channel)|on the bottom|along the bottom|pile\\w*|full of|filled|built up|washed|washing"
                    + "|retained|obstruct\\w*|quantity of|partly (?:fills|blocks)|in the (?:invert|flow line))\\b");
    private static final Pattern SEEN_SOIL = Pattern.compile(
            "\\bsee (?:the |some |a little |your )?(?:dirt|soil|earth|gravel|clay|sand|backfill|ground)\\b"
                    + "|\\b(?:dirt|soil|earth|sand|backfill) (?:is|are|was|can be) (?:\\w+ )?(?:visible|seen|showing|exposed)\\b");
    private static final Pattern OTHER_END = Pattern.compile(
            "\\bend of the (?:plastic|clay|iron|cast|concrete|liner|patch|repair|new|old|tile|fib\\w+|water|belly|sag)\\b");
    private static final Pattern END_OF_IT = Pattern.compile("\\bend of (?:it|that|them|those|this)\\b");
    private static final Pattern ON_PAPER = Pattern.compile(
            "\\b(?:card|map|drawing|sheet|records?|plans?|plat|sketch|report) (?:says|said|shows|showed|has it|had it|puts it)\\b");

    private static final Pattern DEFINITE = Pattern.compile("\\b(?:the|that|this|those|these|your)\\b");
    private static final Pattern INTENT = Pattern.compile(
            "\\b(?:going to|gonna|want to|wanna|need to|let me) (?:locate|mark|find|go back to|stop at|show you|get a (?:mark|locate|picture) (?:on|of)|put a (?:mark|flag) on)\\b");
    private static final Pattern ASKED =
            Pattern.compile("\\bis (?:that|this|it) (?:an?|another) .{0,60}\\b(?:no|nope|nah)\\b");

    private static final Pattern NAMED_AS_KNOWN = Pattern.compile(
            "^[\\s,.]*(?:(?:so|and|but|now|okay|as for|because|since|with|between|you'?ve got|you got|you have|it'?s|i can|i could|we can|you can|i'd|i'll|we'll) )*(?:\\w+ )?(?:the|that|those|your) (?:\\w+ )?"
                    + "(?:" + Known.THINGS + "|roots?|grease|scale|debris)\\b");
    private static final Pattern NOW = Pattern.compile(
            "\\b(?:here|now|again|still|gets?|getting|starts?|begins?|continues?|goes|runs|comes|coming)\\b");
    private static final Pattern PASSED_AGAIN = Pattern.compile("\\b(?:again|back in the)\\b");
    private static final Pattern GONE = Pattern.compile(
            "\\b(?:gravel|dirt|sand|mud|debris|rocks?|roots?|grease|paper|wipes?|rags?|pile|clog|stoppage|plug|stuff)(?:'?s| is| are|'?re| has)? (?:all |now |pretty much )?(?:gone|cleared|washed (?:out|away|down))\\b");
    private static final Set<FindingKind> MAY_GO = EnumSet.of(
            FindingKind.DEBRIS,
            FindingKind.ROOTS,
            FindingKind.GREASE,
            FindingKind.WIPES,
            FindingKind.PAPER,
            FindingKind.BLOCKAGE);

    private NotFound() {}

    /** "The gravel's gone": it was there. */
    static boolean isGone(Draft draft, String text) {
        return draft.matter() instanceof FindingKind kind
                && MAY_GO.contains(kind)
                && GONE.matcher(text.toLowerCase(Locale.ROOT)).find();
    }

    /** "Is that a crack? No": asked, and answered. */
    static boolean isAskedAndDenied(Draft draft, String text) {
        return draft.matter() instanceof FindingKind k
                && k.family() == FindingKind.Family.CONDITION
                && ASKED.matcher(text.toLowerCase(Locale.ROOT)).find();
    }

    /**
     * Whether what is advised, promised or located was found before: "that joint at nineteen wants cutting".
     *
     * @param all what the sentence states
     */
    static boolean isFoundBefore(Draft draft, List<Draft> all, String text, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        boolean about = INTENT.matcher(low).find()
                || all.stream()
                        .anyMatch(d -> d.matter() == FindingKind.ADVICE
                                || d.matter() == FindingKind.LOCATE
                                || d.matter() == FindingKind.PROMISE
                                || d.matter() == Act.PHOTO
                                || d.matter() == Act.SERVICE);
        boolean definite = DEFINITE.matcher(low).find();
        return about
                && drafts.stream()
                        .map(Spoken::draft)
                        .anyMatch(d -> d.matter() == draft.matter()
                                && d.certainty() != Certainty.RULED_OUT
                                && (isOneThere(d, draft)
                                        || definite
                                                && (d.place().isEmpty()
                                                        || draft.place().isEmpty()
                                                        || isLocated(all))));
    }

    private static boolean isOneThere(Draft one, Draft other) {
        return one.place().isPresent() && other.place().isPresent() && Spoken.isSamePlace(one, other);
    }

    /** "The roots at forty-five, that's five foot three": what is said with it is how deep it lies. */
    private static boolean isLocated(List<Draft> all) {
        return all.stream().anyMatch(d -> d.matter() == FindingKind.LOCATE);
    }

    /**
     * "The low spot I'd live with": a thing that is named as one that is known, without a place of its own or at the place where one was found
     * before.
     *
     * @param placed whether a place is said with it, or stands before it
     */
    static boolean isKnownThing(Draft draft, String text, boolean placed, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        return (!placed || wasFoundThere(draft, drafts))
                && draft.certainty() != Certainty.RULED_OUT
                && draft.matter() instanceof FindingKind kind
                && (kind.family() == FindingKind.Family.CONDITION || kind.family() == FindingKind.Family.WATER)
                && NAMED_AS_KNOWN.matcher(low).find()
                && !NOW.matcher(low).find()
                && drafts.stream()
                        .map(Spoken::draft)
                        .anyMatch(d -> d.matter() instanceof FindingKind other
                                && other.broad() == kind.broad()
                                && d.certainty() != Certainty.RULED_OUT);
    }

    /**
     * "Scale again", on the way back and at no place: it was found on the way out.
     *
     * @param placed whether a place is said with it, or stands before it
     */
    static boolean isPassedAgain(Draft draft, String text, boolean placed, List<Spoken> drafts) {
        return !placed
                && draft.place().isEmpty()
                && PASSED_AGAIN.matcher(text.toLowerCase(Locale.ROOT)).find()
                && drafts.stream()
                        .map(Spoken::draft)
                        .anyMatch(d -> d.matter() == draft.matter()
                                && d.certainty() == draft.certainty()
                                && d.place().isPresent());
    }

    /** "The gap at twenty is fine by me", once the line is passed: it was found there. */
    private static boolean wasFoundThere(Draft draft, List<Spoken> drafts) {
        return draft.place().isPresent()
                && drafts.stream()
                        .map(Spoken::draft)
                        .anyMatch(d ->
                                d.matter() == draft.matter() && d.place().isPresent() && Spoken.isSamePlace(d, draft));
    }

    static boolean is(Draft draft, String text, boolean placed, double seconds, List<Spoken> drafts) {
        String low = text.toLowerCase(Locale.ROOT);
        if (draft.matter() == FindingKind.DEBRIS) {
            // Mud that lies at a place of its own is more than what shows in the hole before it.
            boolean own = placed && low.contains("mud") && !OUTSIDE.matcher(low).find();
            return !own && SOIL.matcher(low).find() && !LIES.matcher(low).find() && isOpen(draft, seconds, drafts);
        }
        if (draft.matter() == FindingKind.HOLE) {
            // "You can see the dirt on top": in the gap that was found there.
            return SEEN_SOIL.matcher(low).find() && !low.contains("hole") && isOpen(draft, seconds, drafts);
        }
        if (draft.matter() == FindingKind.JOINT) {
            // "Looks like a bad joint": so it is told of the step that was found a moment ago.
            return isOpen(draft, seconds, drafts);
        }
        if (draft.matter() == FindingKind.END) {
            // "Still cracked. Twenty-one, that's the end of it."
            return OTHER_END.matcher(low).find() || END_OF_IT.matcher(low).find() && isOfWhatGoesOn(seconds, drafts);
        }
        return draft.matter() == FindingKind.MAIN_CONNECTION
                && ON_PAPER.matcher(low).find();
    }

    private static boolean isOfWhatGoesOn(double seconds, List<Spoken> drafts) {
        return !drafts.isEmpty()
                && seconds - drafts.getLast().seconds() < SOON_S
                && Stretched.isLong(drafts.getLast().draft());
    }

    private static boolean isOpen(Draft draft, double seconds, List<Spoken> drafts) {
        Optional<Spoken> last = drafts.isEmpty() ? Optional.empty() : Optional.of(drafts.getLast());
        return last.filter(s -> seconds - s.seconds() < SOON_S)
                .map(Spoken::draft)
                .filter(d -> d.matter() instanceof FindingKind k && OPEN.contains(k.broad()))
                .filter(d -> draft.place().isEmpty() || Spoken.isSamePlace(d, draft))
                .isPresent();
    }
}
