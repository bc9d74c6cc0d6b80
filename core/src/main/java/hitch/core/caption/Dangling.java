package hitch.core.caption;

import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Words after which a statement goes on. */
public final class Dangling {
    private static final Set<String> ALL = Set.of(("at from to the a an of about around and between with is for in on "
                    + "point through by approximately like or no inch half some near because cause see think until if when where say till but so guess which what how")
            .split(" "));

    /** Of them, what a statement may end with as well: "about an inch", "eighteen and a half". */
    private static final Set<String> MAY_END = Set.of("inch", "half", "some", "in", "on", "through", "so", "like");

    /** Words after which it goes on too, though captions end with them however they are cut. */
    private static final Set<String> TOO = Set.of(
            ("has have had is are was were it's i'm i've i'd i'll we're we've there's that's you're they're he's she's not very just "
                            + "your my our its his her their gonna")
                    .split(" "));

    /** What no statement begins with. */
    private static final Set<String> WITHIN =
            Set.of("of feet foot inch inches percent o'clock than ago wide thick metres meters".split(" "));

    /** Captions that are cut by the clock end with such a word in one of six, those cut at pauses in one of twelve at most. */
    private static final double SELDOM = 0.12;
    /** With such as may end a statement left out, one in eleven and one in fourteen. */
    private static final double SELDOM_OPEN = 0.07;
    /** Fewer tell nothing. */
    private static final int FEWEST = 8;

    private Dangling() {}

    private static String last(String words) {
        return words.substring(words.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
    }

    /** Whether words end so that more must come. */
    public static boolean is(String words) {
        return ALL.contains(last(words)) || TOO.contains(last(words));
    }

    /** Whether a word goes on with what stands before it. */
    public static boolean goesOn(String word) {
        return WITHIN.contains(word.toLowerCase(Locale.ROOT).replaceAll("[.,;:!?]+$", ""));
    }

    /** Whether captions are cut at the speaker's pauses, so that each ends where a statement does. */
    public static boolean isSeldom(List<Cue> cues) {
        List<String> lasts = cues.stream()
                .map(c -> last(c.text().strip()))
                .filter(ALL::contains)
                .toList();
        long open = lasts.stream().filter(w -> !MAY_END.contains(w)).count();
        return cues.size() >= FEWEST && (lasts.size() <= SELDOM * cues.size() || open <= SELDOM_OPEN * cues.size());
    }
}
