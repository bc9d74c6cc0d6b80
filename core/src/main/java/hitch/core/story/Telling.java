package hitch.core.story;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A shot as it might be told, with all that might be said over it.
 *
 * @param shot without its words
 * @param said in order
 * @param worth how much the film loses without it, 0 to 100
 */
record Telling(Shot shot, List<Said> said, int worth) {
    /** Worth of what every film has. */
    static final int MUST = 100;

    Telling {
        said = List.copyOf(said);
    }

    /** The same with one sentence more, at a place among those there are. */
    Telling saying(int at, Said more) {
        List<Said> longer = new ArrayList<>(said);
        longer.add(at, more);
        return new Telling(shot, longer, worth);
    }

    boolean isNeeded() {
        return worth >= MUST;
    }

    /** The shot saying what {@code takes} takes. */
    Shot saying(java.util.function.Predicate<Said> takes) {
        return shot.saying(said.stream().filter(takes).map(Said::sentence).collect(Collectors.joining(" ")));
    }
}
