package hitch.core.finding;

import hitch.core.detail.Detail;
import hitch.core.detail.Frame;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import java.util.Optional;

/**
 * Left and right in one frame: looking with the flow in the pipe. A head looks away from its opening on both ways, so what it
 * shows on a run against the flow is on the other side; who stands in the street and faces the building looks up the
 * line.
 */
public final class WithFlow {
    private WithFlow() {}

    /** Where a finding is round the pipe, looking with the flow; empty where that was not said or nobody knows how it looks. */
    public static Optional<ClockPosition> clock(LocatedFinding found) {
        return clock(found.finding().traits(), found.run().map(Run::direction));
    }

    /** @param run which way the run went on which it was said; empty for none */
    public static Optional<ClockPosition> clock(Traits traits, Optional<Direction> run) {
        Optional<ClockPosition> clock = traits.clock();
        Optional<Frame> frame = traits.details().get(Detail.FRAME);
        boolean sided = clock.filter(c -> !c.equals(c.mirrored())).isPresent();
        if (!sided || frame.filter(f -> f == Frame.WITH_FLOW).isPresent()) {
            return clock;
        }
        if (frame.isPresent()) {
            return clock.map(ClockPosition::mirrored);
        }
        return run.flatMap(r -> clock.map(c -> r == Direction.WITH_FLOW ? c : c.mirrored()));
    }
}
