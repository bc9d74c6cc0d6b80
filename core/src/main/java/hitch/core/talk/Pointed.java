package hitch.core.talk;

import hitch.core.finding.ClockPosition;
import hitch.core.note.Draft;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Where the eye was led before a thing was named: "See the bottom there. That's a crack." */
final class Pointed {
    /** It is named so soon, seconds. */
    private static final double SOON_S = 9;

    private static final double BREATH_S = 1;

    private static final Pattern NAMES = Pattern.compile(
            "^(?:[\\s,.]*(?:yeah|yep|okay|ok|oh|and|so|now|uh|um|well|i think|maybe)\\b[, ]*)*"
                    + "(?:that'?s|that is|it'?s|that might|that could|that looks|looks like|this is|(?:a |some |maybe a )?\\w+(?: \\w+)?,? (?:i think|i guess|i'?d say|i believe|maybe|probably|possibly|by the look of it))\\b");

    private Optional<ClockPosition> where = Optional.empty();
    private double at = Double.NEGATIVE_INFINITY;

    /** Takes note of a passage in which nothing was found. */
    void passed(String text, double seconds) {
        Optional<ClockPosition> here = SideWords.in(text);
        if (here.isPresent() || seconds - at >= SOON_S) {
            where = here;
            at = seconds;
        }
    }

    /** Whether the eye was led in the same breath. */
    boolean isJustBefore(double seconds) {
        return where.isPresent() && seconds - at < BREATH_S;
    }

    /** The draft where the eye was led, if it has no side of its own. */
    Draft on(Draft draft, String text, double seconds) {
        boolean open = Sides.isSided(draft) && draft.traits().clock().isEmpty() && seconds - at < SOON_S;
        return open
                        && where.isPresent()
                        && NAMES.matcher(text.toLowerCase(Locale.ROOT)).find()
                ? draft.on(where)
                : draft;
    }
}
