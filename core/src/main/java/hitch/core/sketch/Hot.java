package hitch.core.sketch;

import hitch.core.finding.FindingId;
import java.util.Optional;

/**
 * A part of a drawing that tells something.
 *
 * @param words what it tells
 * @param finding the finding that it leads to
 * @param pipe the branch whose pipe it is, drawn along the stations; empty for what is no pipe
 */
public record Hot(
        double x,
        double y,
        double width,
        double height,
        String words,
        Optional<FindingId> finding,
        Optional<String> pipe) {
    /** The same telling other words. */
    Hot saying(String other) {
        return new Hot(x, y, width, height, other, finding, pipe);
    }

    public boolean covers(double px, double py) {
        return px >= x && px < x + width && py >= y && py < y + height;
    }
}
