package hitch.core.counter.motion;

import hitch.core.counter.sight.CablePath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The cable between known places, laid out in proportion to the camera's own motion. Between two places the motion is
 * scaled so that it ends where it should; where it went to and fro and ends near where it began, the scale of the whole
 * clip is used and what is left over is spread over the way that was gone.
 */
public final class MotionPath {
    /** Confidence on a known place, and how far it falls midway between two of them. */
    private static final double AT_KNOWN = 0.95;

    private static final double FALLS = 0.45;
    /** Share of the way gone that must remain as distance for a stretch to give its own scale. */
    private static final double STRAIGHT = 0.5;

    /** A place that is known: seconds into the clip, and the cable there in the counter's unit. */
    public record Known(double seconds, double value) {}

    private final List<WallMotion.Step> steps;
    private final double[] forward;
    private final double[] gone;
    private final List<Known> known;
    private final double scale;

    private MotionPath(List<WallMotion.Step> steps, List<Known> known) {
        this.steps = steps;
        this.known = known.stream()
                .sorted(Comparator.comparingDouble(Known::seconds))
                .toList();
        forward = new double[steps.size()];
        gone = new double[steps.size()];
        for (int i = 1; i < steps.size(); i++) {
            double step = step(i);
            forward[i] = forward[i - 1] + step;
            gone[i] = gone[i - 1] + Math.abs(step);
        }
        scale = scale();
    }

    /** Joins {@code known} by the motion in {@code steps}, which are in order of time. */
    public static MotionPath join(List<WallMotion.Step> steps, List<Known> known) {
        return new MotionPath(List.copyOf(steps), known);
    }

    /** The step into picture {@code i}; where the pictures tell nothing, as fast as the ones about it. */
    private double step(int i) {
        if (steps.get(i).match() > 0) {
            return steps.get(i).forward();
        }
        double sum = 0;
        int count = 0;
        for (int k = Math.max(1, i - 5); k <= Math.min(steps.size() - 1, i + 5); k++) {
            if (steps.get(k).match() > 0) {
                sum += steps.get(k).forward();
                count++;
            }
        }
        return count == 0 ? 0 : sum / count;
    }

    /** Cable for a unit of motion, by least squares over the stretches between known places. */
    private double scale() {
        double top = 0;
        double bottom = 0;
        for (int k = 1; k < known.size(); k++) {
            double motion = at(forward, known.get(k).seconds())
                    - at(forward, known.get(k - 1).seconds());
            top += motion * (known.get(k).value() - known.get(k - 1).value());
            bottom += motion * motion;
        }
        return bottom == 0 ? 0 : Math.max(0, top / bottom);
    }

    /** The cable at each picture; nothing is known with fewer than two places, nor outside of them. */
    public List<CablePath.Moment> moments() {
        List<CablePath.Moment> moments = new ArrayList<>();
        for (WallMotion.Step step : steps) {
            moments.add(moment(step.seconds()));
        }
        return moments;
    }

    private CablePath.Moment moment(double seconds) {
        int next = 0;
        while (next < known.size() && known.get(next).seconds() < seconds) {
            next++;
        }
        boolean inside = known.size() > 1
                && next < known.size()
                && (next > 0 || known.get(0).seconds() == seconds);
        if (!inside) {
            return new CablePath.Moment(seconds, OptionalDouble.empty(), 0);
        }
        Known b = known.get(Math.max(1, next));
        Known a = known.get(Math.max(1, next) - 1);
        double value = between(a, b, seconds);
        double share = (seconds - a.seconds()) / Math.max(1e-9, b.seconds() - a.seconds());
        return new CablePath.Moment(seconds, OptionalDouble.of(value), AT_KNOWN - FALLS * 4 * share * (1 - share));
    }

    private double between(Known a, Known b, double seconds) {
        double motion = at(forward, b.seconds()) - at(forward, a.seconds());
        double way = at(gone, b.seconds()) - at(gone, a.seconds());
        double change = b.value() - a.value();
        double moved = at(forward, seconds) - at(forward, a.seconds());
        if (way < 1e-9) {
            // The pictures show no motion at all; a straight line is as good as anything.
            return a.value() + change * (seconds - a.seconds()) / (b.seconds() - a.seconds());
        }
        boolean straight = Math.abs(motion) > STRAIGHT * way && motion * change > 0;
        double by = straight ? change / motion : scale;
        double left = change - by * motion;
        return a.value() + by * moved + left * (at(gone, seconds) - at(gone, a.seconds())) / way;
    }

    private double at(double[] sums, double seconds) {
        int low = 0;
        int high = steps.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (steps.get(middle).seconds() < seconds) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        if (low == 0 || steps.get(low).seconds() <= seconds) {
            return sums[low];
        }
        double from = steps.get(low - 1).seconds();
        double share = (seconds - from) / (steps.get(low).seconds() - from);
        return sums[low - 1] + share * (sums[low] - sums[low - 1]);
    }
}
