package hitch.core.survey;

import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import java.util.Optional;

/** The pipe that a frame shows, as far as it is known. */
public final class PipeHere {
    /** How far along the line counts as here. */
    public static final Distance NEAR = Distance.feet(2);

    private PipeHere() {}

    /** How wide it is; empty where nobody said. */
    public static Optional<PipeSize> bore(Survey survey, FrameRef frame) {
        Optional<Run> run = survey.runOf(frame.clip());
        return run.flatMap(r -> survey.stationAt(frame)
                .flatMap(at -> survey.line()
                        .way(survey.line().pipeAt(r, at))
                        .flatMap(w -> w.spanAt(at))
                        .flatMap(PipeSpan::size))
                .or(() -> r.opening().pipe().size()));
    }

    /** What was pushed through it; the lens of a head is known once it was told on any run. */
    public static Equipment gear(Survey survey, FrameRef frame) {
        Equipment here = survey.runOf(frame.clip()).map(Run::equipment).orElse(Equipment.NOT_SAID);
        return here.lens().isPresent()
                ? here
                : here.withLens(survey.runs().stream()
                        .map(Run::equipment)
                        .filter(e -> e.head().equals(here.head()))
                        .flatMap(e -> e.lens().stream())
                        .findFirst());
    }
}
