package hitch.core.parcel;

import hitch.core.finding.FindingId;
import java.util.Optional;

/**
 * Something that was found before a parcel goes out.
 *
 * @param key what it goes by: it is another once the facts behind it are others, so that what was accepted does not cover
 *     what came later
 * @param weight whether it can be accepted
 * @param words what was found, a sentence
 * @param mend what to do about it, a few words
 * @param where the bench on which that is done
 * @param finding the finding it leads to
 */
public record Check(String key, Weight weight, String words, String mend, Where where, Optional<FindingId> finding) {
    /** What it means for the parcel. */
    public enum Weight {
        /** Nothing goes out before it is mended. */
        BLOCKS,
        /** It goes out once somebody says why it is fine. */
        REASON,
        /** It goes out, and the manifest tells that it was so. */
        TELLS
    }

    /** A bench. */
    public enum Where {
        LOAD,
        MARK,
        LINE,
        JUDGE,
        CUT,
        HERE
    }

    public Check(String key, Weight weight, String words, String mend, Where where) {
        this(key, weight, words, mend, where, Optional.empty());
    }
}
