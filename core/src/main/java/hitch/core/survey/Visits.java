package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.align.Tied;
import java.util.ArrayList;
import java.util.List;

/** Finds every moment at which the camera's head stood at a place of the pipe. */
public final class Visits {
    private Visits() {}

    /** A moment at a place, and which way the head was going. */
    public record Visit(FrameRef frame, Heading heading) {}

    /**
     * In the order of the runs and of their footage; a stand is named by its first moment.
     *
     * @param branch the pipe that the place is on; {@link hitch.core.pipe.Branch#LINE} for the line
     */
    public static List<Visit> at(Tied tied, String branch, Station place) {
        List<Visit> visits = new ArrayList<>();
        for (Run run : tied.runs()) {
            // Where pipes join, both have the same stations: a run is on only one of them.
            if (tied.branchAt(run, place).equals(branch)) {
                for (ClipId clip : run.clips()) {
                    CounterTrace trace = tied.traces().get(clip);
                    if (trace != null) {
                        trace.timesAt(run.cableAt(place))
                                .forEach(t -> visits.add(new Visit(new FrameRef(clip, t), trace.headingAt(t))));
                    }
                }
            }
        }
        return visits;
    }
}
