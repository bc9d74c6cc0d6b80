package hitch.core.talk;

import hitch.core.measure.Distance;
import java.util.Optional;

/**
 * Something said that does not agree with something else.
 *
 * @param sort what disagrees
 * @param key the draft it is about
 * @param words what disagrees, in a sentence
 * @param likely the place that was likely meant
 */
public record Contradiction(Sort sort, String key, String words, Optional<Distance> likely) {
    /** What can disagree. */
    public enum Sort {
        /** The place said and the counter. */
        COUNTER,
        /** The place said and those said before and after it. */
        ORDER,
        /** Size or material, said otherwise elsewhere. */
        PIPE,
        /** A promise to come back that was not kept. */
        PROMISE,
        /** Said once, denied later. */
        DENIED,
        /** A place beyond the end of the run. */
        BEYOND
    }
}
