package hitch.core.talk.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** A distance that is put right as soon as it is said: "fifty-five, no, read it again, fifty-seven". */
final class PutRight {
    /** What was read wrongly is read right so soon, characters. */
    private static final int SOON = 60;
    /** The same where it is said that it was read wrongly. */
    private static final int LATER = 120;

    private static final String CORRECTED = "correction|scratch that|strike that";

    private static final Pattern CORRECTION = Pattern.compile("(?i)\\b(?:" + CORRECTED + ")\\b");
    /** And not far from it, feet. */
    private static final double NEAR_FT = 4;

    /** "No, wait, make that": a word of its own, and not of "no flow". */
    private static final Pattern NO = Pattern.compile("\\b(?:no|" + CORRECTED
            + ")\\b(?:[,. ]+(?:wait|sorry|hang on|hold on|read (?:it|that) again(?: [a-z]{2,9})?|make (?:that|it)|call (?:it|that)|it'?s|that'?s|uh|um|no|i lied|i mean))*"
            + "[,. ]+(?:(?:more )?(?:at|like|about|around|actually|maybe|say|rather|really|closer to)[, ]+)?$");

    /** "Twenty-nine and a half to be exact": so many characters behind it. */
    private static final int EXACT = 24;

    private static final Pattern EXACTLY =
            Pattern.compile("(?i)[\\s,]*(?:feet |foot )?(?:to be (?:exact|precise)|exactly|on the nose)\\b");

    /** "Twenty-three, there's a crack. Scratch that. Twenty-six, there's a gap": the crack is taken back, and no figure. */
    private static final Pattern OF_THE_THING = Pattern.compile("\\b(?:scratch|strike) that[.!]");

    private static final Pattern OWN_THING = Pattern.compile(
            "(?i)\\s*(?:feet|foot|ft)?[,:]? (?:there(?:'?s| is| are)|here(?:'?s| is)|an?|we|i|some)\\b");

    private PutRight() {}

    /** The places, each as it was put right. */
    static List<PlaceSaid> in(List<PlaceSaid> said, String text) {
        List<PlaceSaid> right = new ArrayList<>(said);
        for (int i = right.size() - 2; i >= 0; i--) {
            PlaceSaid one = right.get(i);
            PlaceSaid next = right.get(i + 1);
            boolean soon = next.start() - one.end() <= SOON
                    || next.start() - one.end() <= LATER
                            && CORRECTION
                                    .matcher(text.substring(one.end(), next.start()))
                                    .find();
            if (!soon || Math.abs(next.feet() - one.feet()) > NEAR_FT) {
                continue;
            }
            String between = text.substring(one.end(), next.start()).toLowerCase(Locale.ROOT);
            String behind = text.substring(next.end(), Math.min(text.length(), next.end() + EXACT));
            boolean no = NO.matcher(between).find()
                    && !(OF_THE_THING.matcher(between).find()
                            && OWN_THING.matcher(behind).lookingAt());
            if (no || EXACTLY.matcher(behind).lookingAt()) {
                right.set(i, asNext(one, next));
                if (i > 0 && isReadTwice(right.get(i - 1), one)) {
                    right.set(i - 1, asNext(right.get(i - 1), next));
                }
            }
        }
        return right;
    }

    private static PlaceSaid asNext(PlaceSaid one, PlaceSaid next) {
        return new PlaceSaid(next.from(), next.to(), one.start(), one.end(), one.weight(), one.bare());
    }

    /** "Fifty-five, here is the tap. Fifty-five, no, fifty-seven": the same figure, read wrongly both times. */
    private static boolean isReadTwice(PlaceSaid before, PlaceSaid one) {
        return before.from().equals(one.from()) && before.to().equals(one.to()) && one.start() - before.end() <= SOON;
    }
}
