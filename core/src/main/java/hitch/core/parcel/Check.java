package hitch.core.parcel;

import hitch.core.finding.FindingId;
import java.util.Map;
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

    /** What it is told as outside the house: its sort, without the places, names and files that it is about. */
    private static final Map<String, String> SORTS = Map.ofEntries(
            Map.entry("internal", "The job is marked for internal use only."),
            Map.entry("property", "The property is not named."),
            Map.entry("date", "The day of the recording is not known."),
            Map.entry("unread", "A counter was not read."),
            Map.entry("doubtful", "A counter could not be read with trust everywhere."),
            Map.entry("against", "Something was said that contradicts the record."),
            Map.entry("again", "A finding was marked for a second look."),
            Map.entry("promises", "A look that was promised was not taken."),
            Map.entry("captions", "What was said is out of step with its clip."),
            Map.entry("stations", "A finding has no station."),
            Map.entry("guessed", "Something weighs as a repair and is only possible, not seen."),
            Map.entry("poor", "A repair is asked for on one poor picture."),
            Map.entry("reach", "How far the camera went is not known."),
            Map.entry("end", "Nothing says why the camera turned back."),
            Map.entry("stale", "The film tells something that was so before."),
            Map.entry("look", "Something from above ground, or a name, was not looked at once more."),
            Map.entry("left", "The film leaves some of it out for its length."),
            Map.entry("names", "A word may be somebody's name."),
            Map.entry("writing", "Writing on the pictures is covered, and nobody was asked about it."),
            Map.entry("heard", "What was said along the clip is heard in the film."),
            Map.entry("form", "Something of the recipient's own form is open."));

    /** What it is told as outside the house. */
    public String sort() {
        return SORTS.getOrDefault(key.replaceAll(" .*", ""), "Something was found and accepted.");
    }

    public Check(String key, Weight weight, String words, String mend, Where where) {
        this(key, weight, words, mend, where, Optional.empty());
    }
}
