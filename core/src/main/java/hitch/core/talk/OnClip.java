package hitch.core.talk;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.core.run.Run;
import java.util.Optional;

/**
 * Where the camera was by a clip's counter trace.
 *
 * @param run the clip's run, whose datum is taken off; empty leaves the cable as it is
 * @param offset added to the captions' time to give the clip's, seconds
 */
public record OnClip(Clip clip, CounterTrace trace, Optional<Run> run, double offset) implements Whereabouts {
    @Override
    public Optional<Distance> cableAt(double seconds) {
        var cable = trace.cableAt(pts(seconds));
        return cable.isEmpty() ? Optional.empty() : Optional.of(fromOpening(cable.getAsDouble()));
    }

    @Override
    public Optional<Distance> shownAt(double seconds) {
        var shown = trace.shownAt(pts(seconds));
        return shown.isEmpty() ? Optional.empty() : Optional.of(new Distance(Math.round(shown.getAsDouble())));
    }

    @Override
    public Heading headingAt(double seconds) {
        return trace.headingAt(pts(seconds));
    }

    @Override
    public double confidenceAt(double seconds) {
        return trace.confidenceAt(pts(seconds));
    }

    @Override
    public Optional<Distance> farthest() {
        return trace.knots().stream()
                .map(CounterTrace.Knot::cable)
                .max(Long::compare)
                .map(this::fromOpening);
    }

    private long pts(double seconds) {
        return clip.ptsAt(seconds + offset);
    }

    private Distance fromOpening(double cable) {
        return new Distance(Math.round(cable) - run.map(r -> r.atThePipe().mm()).orElse(0L));
    }
}
