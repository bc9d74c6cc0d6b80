package hitch.core.finding;

import hitch.core.counter.Heading;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A finding with everything that is reckoned for it.
 *
 * @param finding what was marked; with the sightings of {@code also} where it stands for several
 * @param extent where it lies; empty while its clip has no run or no reading
 * @param run the run it was seen on
 * @param heading which way the camera went at its frame
 * @param confidence trust in the station, 0 to 1; 1 where it was typed
 * @param weight how much it asks for
 * @param because why it has that weight
 * @param branch the branch it lies on; {@link Branch#LINE} for the line, {@link Branch#MAIN} beyond its end
 * @param doubt by how much its sightings' stations lie apart at most, to either side; nothing for one sighting
 * @param also findings that were marked on other passes or runs and are this one
 * @param best the frame that shows it best
 * @param lasting whether it is still so
 * @param phase whether it was seen before or after a cleaning
 */
@RecordBuilder
public record LocatedFinding(
        Finding finding,
        Optional<Extent> extent,
        Optional<Run> run,
        Heading heading,
        double confidence,
        Weight weight,
        String because,
        String branch,
        Distance doubt,
        List<FindingId> also,
        FrameRef best,
        Lasting lasting,
        Phase phase)
        implements LocatedFindingBuilder.With {
    public LocatedFinding {
        also = List.copyOf(also);
    }

    /** A finding on the line that was marked once. */
    public LocatedFinding(
            Finding finding,
            Optional<Extent> extent,
            Optional<Run> run,
            Heading heading,
            double confidence,
            Weight weight,
            String because) {
        this(
                finding,
                extent,
                run,
                heading,
                confidence,
                weight,
                because,
                Branch.LINE,
                Distance.ZERO,
                List.of(),
                finding.frame(),
                Lasting.LASTS,
                Phase.NOT_SAID);
    }

    /** The same finding on another pipe. */
    public LocatedFinding on(String pipe) {
        return withBranch(pipe);
    }

    /** The same with its finding and its run put in other words. */
    public LocatedFinding telling(Finding other, Optional<Run> trip) {
        return LocatedFindingBuilder.builder(this).finding(other).run(trip).build();
    }

    /** The id of this finding and of those it stands for. */
    public List<FindingId> ids() {
        return Stream.concat(Stream.of(finding.id()), also.stream()).toList();
    }
}
