package hitch.core.talk;

import hitch.core.talk.place.Course;
import java.util.regex.Pattern;

/** A passage that is a place and nothing else: "Thirteen.", "then at three feet". */
final class PlaceAlone {
    private static final Pattern LEADS_TO_PLACE =
            Pattern.compile("(?i)[\\s,.]*(?:(?:and|so|then|okay|now|uh|um|at|about|around|right|here)[\\s,.]+)+");
    /** "Thirty-one feet" has no more. */
    private static final int PLACE_WORDS = 3;

    private PlaceAlone() {}

    static boolean is(Passages.Passage passage, Course course) {
        // A place that was found stands in the text as blanks.
        boolean bare = passage.text().replaceAll("[\\s.,]", "").isEmpty();
        return bare ? course.isPlaceAt(passage.start()) : isLedTo(passage, course);
    }

    private static boolean isLedTo(Passages.Passage passage, Course course) {
        int place = course.placeIn(passage.start(), passage.end()) - passage.start();
        return place < passage.text().length()
                && LEADS_TO_PLACE.matcher(passage.text().substring(0, place)).matches()
                && passage.text().substring(place).strip().split("\\s+").length <= PLACE_WORDS;
    }
}
