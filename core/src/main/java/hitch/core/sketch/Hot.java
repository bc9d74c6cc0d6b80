package hitch.core.sketch;

import hitch.core.finding.FindingId;
import java.util.Optional;

/**
 * A part of a drawing that tells something.
 *
 * @param words what it tells
 * @param finding the finding that it leads to
 */
public record Hot(double x, double y, double width, double height, String words, Optional<FindingId> finding) {
    public boolean covers(double px, double py) {
        return px >= x && px < x + width && py >= y && py < y + height;
    }
}
