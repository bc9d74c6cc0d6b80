package hitch.core.finding;

import hitch.core.counter.Heading;
import hitch.core.line.Extent;
import hitch.core.line.Run;
import java.util.Optional;

/**
 * A finding with everything that is reckoned for it.
 *
 * @param finding what was marked
 * @param extent where it lies; empty while its clip has no run or no reading
 * @param run the run it was seen on
 * @param heading which way the camera went at its frame
 * @param confidence trust in the station, 0 to 1; 1 where it was typed
 * @param weight how much it asks for
 * @param because why it has that weight
 */
public record LocatedFinding(
        Finding finding,
        Optional<Extent> extent,
        Optional<Run> run,
        Heading heading,
        double confidence,
        Weight weight,
        String because) {}
