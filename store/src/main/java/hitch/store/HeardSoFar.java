package hitch.store;

import hitch.core.heard.HeardWord;
import java.util.List;

/**
 * What was written down of a clip.
 *
 * @param upTo how far it was listened to, seconds of the clip
 * @param whole whether that is all of it
 * @param words what was heard, in order
 */
public record HeardSoFar(double upTo, boolean whole, List<HeardWord> words) {
    /** Nobody has listened yet. */
    public static final HeardSoFar NOTHING = new HeardSoFar(0, false, List.of());

    public HeardSoFar {
        words = List.copyOf(words);
    }
}
