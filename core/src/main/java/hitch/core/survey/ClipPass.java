package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pass of the camera as one clip shows it: on its way out, or back.
 *
 * @param clip whose pictures they are
 * @param heading out or back
 */
public record ClipPass(ClipId clip, Heading heading) {
    /** So near to a place a frame shows it as well, and the best of those is taken. */
    private static final Distance ABOUT = Distance.feet(0.1);

    /** Every way that the camera went on a run, in the order of the runs and of their footage. */
    public static List<ClipPass> of(Survey survey) {
        List<ClipPass> passes = new ArrayList<>();
        for (Run run : survey.runs()) {
            for (ClipId clip : run.clips()) {
                CounterTrace trace = survey.traces().get(clip);
                if (trace != null && survey.clip(clip).isPresent()) {
                    for (Heading heading : List.of(Heading.OUT, Heading.BACK)) {
                        if (goes(trace, heading)) {
                            passes.add(new ClipPass(clip, heading));
                        }
                    }
                }
            }
        }
        return passes;
    }

    private static boolean goes(CounterTrace trace, Heading heading) {
        return trace.knots().stream()
                .mapToLong(CounterTrace.Knot::pts)
                .anyMatch(p -> trace.headingAt(p + 1) == heading);
    }

    /** In words, such as {@code B1-street-out.mp4, out, before the cleaning}. */
    public String words(Survey survey) {
        String phase = survey.runOf(clip)
                .map(Run::phase)
                .filter(p -> p != Phase.NOT_SAID)
                .map(p -> ", " + p.word())
                .orElse("");
        return survey.clip(clip).map(Clip::fileName).orElse(clip.value()) + ", " + heading.word() + phase;
    }

    /** The frame of it that shows a place best; empty where it did not come there. */
    public Optional<FrameRef> at(Survey survey, Station place) {
        return survey.runOf(clip).flatMap(run -> {
            List<FrameRef> frames = Stream.of(-1, 0, 1)
                    .map(i -> place.plus(ABOUT.times(i)))
                    .flatMap(s -> Visits.at(survey.line().tied(), survey.line().pipeAt(run, place), s).stream())
                    .filter(v -> v.frame().clip().equals(clip))
                    .filter(v -> v.heading() == heading || v.heading() == Heading.STILL)
                    .map(Visits.Visit::frame)
                    .toList();
            return frames.isEmpty() ? Optional.empty() : Optional.of(survey.bestOf(frames, place));
        });
    }
}
