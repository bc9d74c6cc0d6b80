package hitch.core.talk.place;

import hitch.core.caption.Cue;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Words after which a statement goes on. */
public final class Dangling {
    private static final Set<String> ALL = Set.of(("at from to the a an of about around and between with is for in on "
                    + "point through by approximately like or no inch half some near because cause see think until if when where say till but so guess which what how")
            .split(" "));

    /** Captions that are cut by the clock end with such a word in one of six, those cut at pauses in one of twelve at most. */
    private static final double SELDOM = 0.12;
    /** Fewer tell nothing. */
    private static final int FEWEST = 8;

    private Dangling() {}

    /** Whether words end so that more must come. */
    public static boolean is(String words) {
        return ALL.contains(words.substring(words.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT));
    }

    /** Whether captions are cut at the speaker's pauses, so that each ends where a statement does. */
    public static boolean isSeldom(List<Cue> cues) {
        long open = cues.stream().filter(c -> is(c.text().strip())).count();
        return cues.size() >= FEWEST && open <= SELDOM * cues.size();
    }
}
