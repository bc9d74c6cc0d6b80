package hitch.core.survey;

import hitch.core.measure.Extent;
import java.util.Optional;

/**
 * Something of the line that was not seen, or not well.
 *
 * @param branch where
 * @param extent the stretch; empty where nobody knows how far it goes
 * @param from where it begins, as a stretch or a point
 * @param look how it was seen
 * @param why the reason, in words
 */
public record Limit(String branch, Optional<Extent> extent, Extent from, Look look, String why) {
    public boolean isUnknownBeyond() {
        return extent.isEmpty();
    }
}
