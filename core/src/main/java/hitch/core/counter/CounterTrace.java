package hitch.core.counter;

import hitch.core.footage.TimeBase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * Frame time to cable paid out, for one clip. This form joins the readings set by hand with straight lines (linear
 * interpolation); a zeroing starts its readings afresh from the cable it names. Before the first and after the last
 * mark the cable is taken to stand still. Immutable.
 */
public final class CounterTrace {
    /** Seconds from a mark at which its confidence has fallen to a half. */
    public static final double HALF_TRUST_SECONDS = 20;

    /** Trust in a place between readings that were taken off the pictures. */
    public static final double READ_TRUST = 0.95;

    /** Trust in the rest of a doubtful stretch in which a person has set the counter once. */
    private static final double SETTLED_TRUST = 0.7;

    /** Seconds from a mark set by hand within which it is trusted more than what was read. */
    private static final double AT_A_MARK = 0.5;

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
    private final List<Doubtful> doubts;
    private final List<Long> byHand;
    private final boolean read;
    private final double most;
    private final List<Zeroing> zeroings;

    private CounterTrace(TimeBase base, List<Knot> knots, CounterMarks marks) {
        this.base = base;
        this.knots = knots;
        this.doubts = marks.doubts();
        this.byHand = marks.byHand().stream().map(CounterMark::pts).toList();
        this.zeroings = marks.marks().stream()
                .filter(m -> m instanceof Zeroing)
                .map(m -> (Zeroing) m)
                .toList();
        this.read = byHand.size() < marks.marks().size();
        this.most = marks.counted().map(Counted::most).orElse(1.0);
    }

    private CounterTrace(TimeBase base, List<Knot> knots, CounterTrace like) {
        this.base = base;
        this.knots = knots;
        this.doubts = like.doubts;
        this.byHand = like.byHand;
        this.zeroings = like.zeroings;
        this.read = like.read;
        this.most = like.most;
    }

    /** Fits the trace of a clip with time base {@code base} to its marks, given in any order. */
    public static CounterTrace fit(TimeBase base, List<? extends CounterMark> marks) {
        return fit(base, new CounterMarks(List.copyOf(marks), List.of(), List.of(), Optional.empty()));
    }

    /** Fits the trace of a clip with time base {@code base} to all that is known of its counter. */
    public static CounterTrace fit(TimeBase base, CounterMarks known) {
        List<CounterMark> marks = known.marks();
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
            if (mark instanceof Zeroing zeroing) {
                start = cable - zeroing.shown().mm();
            }
            if (!knots.isEmpty() && knots.getLast().pts() == mark.pts()) {
                knots.removeLast();
            }
            knots.add(new Knot(mark.pts(), cable));
        }
        return new CounterTrace(base, List.copyOf(knots), known);
    }

    /**
     * The same path with {@code mm} more cable after {@code toPts}, none more before {@code fromPts}, and evenly between:
     * for a counter that slipped at a moment between the two.
     */
    public CounterTrace slipped(long fromPts, long toPts, long mm) {
        TreeMap<Long, Long> bends = new TreeMap<>();
        knots.forEach(k -> bends.put(k.pts(), k.cable()));
        for (long pts : new long[] {fromPts, toPts}) {
            if (!knots.isEmpty()
                    && pts > knots.getFirst().pts()
                    && pts < knots.getLast().pts()) {
                bends.putIfAbsent(pts, Math.round(cableAt(pts).orElseThrow()));
            }
        }
        List<Knot> moved = bends.entrySet().stream()
                .map(b -> new Knot(b.getKey(), b.getValue() + slip(b.getKey(), fromPts, toPts, mm)))
                .toList();
        return new CounterTrace(base, moved, this);
    }

    private static long slip(long pts, long fromPts, long toPts, long mm) {
        if (pts >= toPts) {
            return mm;
        }
        return pts <= fromPts ? 0 : Math.round((double) mm * (pts - fromPts) / (toPts - fromPts));
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
     * Trust in {@link #cableAt}, from 0 (nothing known) to 1 (a mark set by hand on this very frame); it halves
     * {@value #HALF_TRUST_SECONDS} seconds away from the nearest mark. Where the counter was read off the pictures it is
     * {@value #READ_TRUST}, in a doubtful stretch what the reader says, and low all along while it is a question what
     * the counter counts in or which way up it stands.
     */
    public double confidenceAt(long pts) {
        if (knots.isEmpty()) {
            return 0;
        }
        double nearest = byHand.stream()
                .mapToDouble(p -> Math.abs(base.seconds(p - pts)))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        double typed = 1 / (1 + nearest / HALF_TRUST_SECONDS);
        if (!read) {
            return typed;
        }
        double seen = doubtAt(pts)
                .map(d ->
                        byHand.stream().anyMatch(d::covers) ? Math.max(SETTLED_TRUST, d.confidence()) : d.confidence())
                .orElse(READ_TRUST);
        double trusted = Math.min(most, seen);
        return nearest < AT_A_MARK ? Math.max(typed, trusted) : trusted;
    }

    /** What the counter would show at {@code pts}, millimetres; empty while nothing is known of this clip. */
    public OptionalDouble shownAt(long pts) {
        double start = 0;
        for (Zeroing zeroing : zeroings) {
            if (zeroing.pts() <= pts) {
                start = zeroing.cable().mm() - zeroing.shown().mm();
            }
        }
        OptionalDouble cable = cableAt(pts);
        return cable.isEmpty() ? cable : OptionalDouble.of(cable.getAsDouble() - start);
    }

    /** The doubtful stretch that {@code pts} lies in. */
    public Optional<Doubtful> doubtAt(long pts) {
        return doubts.stream().filter(d -> d.covers(pts)).findFirst();
    }

    /** When the counter was set to zero or to something else, in order of time. */
    public List<Zeroing> zeroings() {
        return zeroings;
    }

    /** Where a person had better look, since it could not be read with trust and nobody has set it, in order of time. */
    public List<Doubtful> unsettled() {
        return doubts.stream()
                .filter(d -> d.confidence() < Doubtful.TO_BE_ASKED)
                .filter(d -> byHand.stream().noneMatch(d::covers))
                .toList();
    }

    /** Whether the counter was read off the pictures, at least in part. */
    public boolean isRead() {
        return read;
    }

    /** Speed of the head at {@code pts} in millimetres a second, positive on the way out. */
    public double speedAt(long pts) {
        int after = firstAfter(pts);
        return after == 0 || after == knots.size() ? 0 : speed(knots.get(after - 1), knots.get(after));
    }

    public Heading headingAt(long pts) {
        return heading(speedAt(pts));
    }

    /** Which way the head was going on the pass that a moment belongs to: a head that rests is on the pass it rests from. */
    public Heading passHeadingAt(long pts) {
        Heading heading = Heading.STILL;
        for (Pass pass : passes()) {
            if (pass.heading() != Heading.STILL && (pass.fromPts() <= pts || heading == Heading.STILL)) {
                heading = pass.heading();
            }
        }
        return heading;
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
