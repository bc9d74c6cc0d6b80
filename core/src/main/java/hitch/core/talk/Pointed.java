package hitch.core.talk;

import hitch.core.caption.Dangling;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Where the eye was led before a thing was named: "See the bottom there. That's a crack." */
final class Pointed {
    /** It is named so soon, seconds. */
    private static final double SOON_S = 9;

    private static final double BREATH_S = 1;

    private static final Pattern ENDS = Pattern.compile("(?:[\\s,.]|\\b(?:uh|um|what|like|about)\\b)+$");
    private static final Pattern NAMES = Pattern.compile(
            "^[\\s,.]*(?:(?:yeah|yep|okay|ok|oh|and|so|now|uh|um|well|i think|maybe)\\b[\\s,.]*)*"
                    + "(?:that'?s|that is|it'?s|that might|that could|that looks|looks like|this is|(?:a |some |maybe a )?\\w+(?: \\w+)?,? (?:i think|i guess|i'?d say|i believe|maybe|probably|possibly|by the look of it))\\b");

    /** What looks like a line from afar. */
    private static final Set<FindingKind> MARKS = EnumSet.of(FindingKind.CRACK, FindingKind.ROOTS, FindingKind.SCALE);

    private static final Pattern LINE =
            Pattern.compile("\\ba (?:\\w+ )?line\\b(?!.*\\b(?:com(?:es|ing)|ties|tying|joins?|enters?)\\b)");

    private Optional<ClockPosition> where = Optional.empty();
    private double at = Double.NEGATIVE_INFINITY;
    /** Whether its place was to come. */
    private boolean open;

    /** Takes note of a passage in which nothing was found. */
    void passed(String text, double seconds) {
        Optional<ClockPosition> here = SideWords.in(text);
        if (here.isPresent() || seconds - at >= SOON_S) {
            where = here;
            at = seconds;
            open = Dangling.is(ENDS.matcher(text).replaceFirst(""));
        }
    }

    /** Whether the eye was led in the same breath, or to the place that is told now: "see that line in the bottom at, uh, twenty-eight". */
    boolean isJustBefore(double seconds) {
        return where.isPresent() && (open || seconds - at < BREATH_S);
    }

    /** "There's a line on the right. Yeah, that's a crack": what was taken for a pipe that comes in is that, and goes. */
    Optional<Draft> atLine(Draft draft, String text, double seconds, List<Spoken> drafts) {
        boolean mark = !drafts.isEmpty()
                && MARKS.contains(draft.matter())
                && drafts.getLast().draft().matter() == FindingKind.TIE_IN
                && seconds - drafts.getLast().seconds() < SOON_S
                && LINE.matcher(drafts.getLast().draft().wording().toLowerCase(Locale.ROOT))
                        .find()
                && NAMES.matcher(text.toLowerCase(Locale.ROOT)).find();
        if (!mark) {
            return Optional.empty();
        }
        Optional<ClockPosition> side = drafts.removeLast().draft().traits().clock();
        return Optional.of(draft.traits().clock().isEmpty() ? draft.on(side) : draft);
    }

    /** The draft where the eye was led, if it has no side of its own. */
    Draft on(Draft draft, String text, double seconds) {
        boolean open = Sides.isSided(draft)
                && draft.matter() != FindingKind.BEND
                && draft.traits().clock().isEmpty()
                && seconds - at < SOON_S;
        return open
                        && where.isPresent()
                        && NAMES.matcher(text.toLowerCase(Locale.ROOT)).find()
                ? draft.on(where)
                : draft;
    }
}
