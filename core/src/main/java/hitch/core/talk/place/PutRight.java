package hitch.core.talk.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** A distance that is put right as soon as it is said: "fifty-five, no, read it again, fifty-seven". */
final class PutRight {
    /** What was read wrongly is read right so soon, characters. */
    private static final int SOON = 60;
    /** And not far from it, feet. */
    private static final double NEAR_FT = 4;

    private static final Pattern NO = Pattern.compile(
            "\\bno\\b[,. ]+(?:(?:wait|sorry|hang on|hold on|read (?:it|that) again|make (?:that|it)|call (?:it|that)|it'?s|that'?s|uh|um)[,. ]+)*(?:[a-z]{2,8}[,. ]+)?$");
    private static final Pattern NOTHING =
            Pattern.compile("\\b(?:no|not|nothing) (?:roots|cracks|defects|breaks|water|joint)\\b");

    private PutRight() {}

    /** The places, each as it was put right. */
    static List<PlaceSaid> in(List<PlaceSaid> said, String text) {
        List<PlaceSaid> right = new ArrayList<>(said);
        for (int i = right.size() - 2; i >= 0; i--) {
            PlaceSaid one = right.get(i);
            PlaceSaid next = right.get(i + 1);
            if (next.start() - one.end() > SOON || Math.abs(next.feet() - one.feet()) > NEAR_FT) {
                continue;
            }
            String between = text.substring(one.end(), next.start()).toLowerCase(Locale.ROOT);
            if (NO.matcher(between).find() && !NOTHING.matcher(between).find()) {
                right.set(i, new PlaceSaid(next.from(), next.to(), one.start(), one.end(), one.weight(), one.bare()));
            }
        }
        return right;
    }
}
