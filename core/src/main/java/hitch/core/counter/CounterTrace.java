package hitch.core.counter;

import hitch.core.footage.TimeBase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Frame time to cable paid out, for one clip. This form joins the readings set by hand with straight lines (linear
 * interpolation); a zeroing starts its readings afresh from the cable it names. Before the first and after the last
 * mark the cable is taken to stand still. Immutable.
 */
public final class CounterTrace {
    /** Seconds from a mark at which its confidence has fallen to a half. */
    public static final double HALF_TRUST_SECONDS = 20;

    /** Below this speed the head counts as standing still: about half an inch a second. */
    public static final double STILL_MM_PER_SECOND = 13;

    /**
     * One bend of the path.
     *
     * @param pts presentation time, ticks
     * @param cable cable paid out there, millimetres
     */
    public record Knot(long pts, long cable) {}

    private final TimeBase base;
    private final List<Knot> knots;

    private CounterTrace(TimeBase base, List<Knot> knots) {
        this.base = base;
        this.knots = knots;
    }

    /** Fits the trace of a clip with time base {@code base} to its marks, given in any order. */
    public static CounterTrace fit(TimeBase base, List<? extends CounterMark> marks) {
        List<CounterMark> ordered = new ArrayList<>(marks);
        // A reading of the very frame of a zeroing was taken from the old start; the zeroing has the last word there.
        ordered.sort(Comparator.comparingLong(CounterMark::pts).thenComparing(m -> m instanceof Zeroing));
        List<Knot> knots = new ArrayList<>();
        long start = 0;
        for (CounterMark mark : ordered) {
            long cable = switch (mark) {
                case Reading reading -> start + reading.shown().mm();
                case Zeroing zeroing -> zeroing.cable().mm();
            };
            if (mark instanceof Zeroing) {
                start = cable;
            }
            if (!knots.isEmpty() && knots.getLast().pts() == mark.pts()) {
                knots.removeLast();
            }
            knots.add(new Knot(mark.pts(), cable));
        }
        return new CounterTrace(base, List.copyOf(knots));
    }

    public boolean isEmpty() {
        return knots.isEmpty();
    }

    /** The bends of the path in order of time. */
    public List<Knot> knots() {
        return knots;
    }

    /** Cable paid out at {@code pts} in millimetres; empty while nothing is known of this clip. */
    public OptionalDouble cableAt(long pts) {
        if (knots.isEmpty()) {
            return OptionalDouble.empty();
        }
        int after = firstAfter(pts);
        if (after == 0) {
            return OptionalDouble.of(knots.getFirst().cable());
        }
        Knot left = knots.get(after - 1);
        if (after == knots.size()) {
            return OptionalDouble.of(left.cable());
        }
        Knot right = knots.get(after);
        double share = (double) (pts - left.pts()) / (right.pts() - left.pts());
        return OptionalDouble.of(left.cable() + share * (right.cable() - left.cable()));
    }

    /**
     * Trust in {@link #cableAt}, from 0 (nothing known) to 1 (a mark on this very frame); it halves {@value
     * #HALF_TRUST_SECONDS} seconds away from the nearest mark.
     */
    public double confidenceAt(long pts) {
        double nearest = knots.stream()
                .mapToDouble(k -> Math.abs(base.seconds(k.pts() - pts)))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return Double.isInfinite(nearest) ? 0 : 1 / (1 + nearest / HALF_TRUST_SECONDS);
    }

    /** Speed of the head at {@code pts} in millimetres a second, positive on the way out. */
    public double speedAt(long pts) {
        int after = firstAfter(pts);
        return after == 0 || after == knots.size() ? 0 : speed(knots.get(after - 1), knots.get(after));
    }

    public Heading headingAt(long pts) {
        return heading(speedAt(pts));
    }

    /** The stretches between first and last mark in which the head kept going one way, in order. */
    public List<Pass> passes() {
        List<Pass> passes = new ArrayList<>();
        for (int i = 1; i < knots.size(); i++) {
            Knot left = knots.get(i - 1);
            Knot right = knots.get(i);
            Heading heading = heading(speed(left, right));
            if (!passes.isEmpty() && passes.getLast().heading() == heading) {
                passes.set(passes.size() - 1, new Pass(passes.getLast().fromPts(), right.pts(), heading));
            } else {
                passes.add(new Pass(left.pts(), right.pts(), heading));
            }
        }
        return passes;
    }

    /** Every time the head stood at {@code cable} millimetres, in order; a stand is named by its first moment. */
    public List<Long> timesAt(double cable) {
        List<Long> times = new ArrayList<>();
        for (int i = 1; i < knots.size(); i++) {
            Knot left = knots.get(i - 1);
            Knot right = knots.get(i);
            double low = Math.min(left.cable(), right.cable());
            double high = Math.max(left.cable(), right.cable());
            if (cable < low || cable > high || low == high) {
                continue;
            }
            long at = left.pts()
                    + Math.round((cable - left.cable()) / (right.cable() - left.cable()) * (right.pts() - left.pts()));
            boolean touching = !times.isEmpty() && Math.abs(base.seconds(at - times.getLast())) < 1;
            if (!touching) {
                times.add(at);
            }
        }
        return times;
    }

    private double speed(Knot left, Knot right) {
        return (right.cable() - left.cable()) / base.seconds(right.pts() - left.pts());
    }

    private static Heading heading(double speed) {
        if (Math.abs(speed) < STILL_MM_PER_SECOND) {
            return Heading.STILL;
        }
        return speed > 0 ? Heading.OUT : Heading.BACK;
    }

    private int firstAfter(long pts) {
        int low = 0;
        int high = knots.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (knots.get(middle).pts() <= pts) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
