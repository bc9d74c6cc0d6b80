package hitch.core.footage;

import java.util.ArrayList;
import java.util.List;

/**
 * The adjusted stretches of one clip, in order of time and never overlapping. Immutable.
 *
 * @param spans the stretches; where there is none the picture is as recorded
 */
public record Adjustments(List<AdjustedSpan> spans) {
    public static final Adjustments NONE = new Adjustments(List.of());

    public Adjustments {
        spans = List.copyOf(spans);
    }

    /** How the picture at {@code pts} is looked at. */
    public Adjustment at(long pts) {
        for (AdjustedSpan span : spans) {
            if (pts >= span.fromPts() && pts < span.toPts()) {
                return span.adjustment();
            }
        }
        return Adjustment.NONE;
    }

    /** The end of the stretch that {@code pts} lies in, looked at in one and the same way; {@code end} for the last. */
    public long until(long pts, long end) {
        for (AdjustedSpan span : spans) {
            if (pts < span.fromPts()) {
                return Math.min(end, span.fromPts());
            }
            if (pts < span.toPts()) {
                return Math.min(end, span.toPts());
            }
        }
        return end;
    }

    /** These with {@code laid} over them; equal neighbours become one stretch. */
    public Adjustments with(AdjustedSpan laid) {
        List<AdjustedSpan> next = new ArrayList<>();
        for (AdjustedSpan span : spans) {
            add(next, span.fromPts(), Math.min(span.toPts(), laid.fromPts()), span.adjustment());
        }
        add(next, laid.fromPts(), laid.toPts(), laid.adjustment());
        for (AdjustedSpan span : spans) {
            add(next, Math.max(span.fromPts(), laid.toPts()), span.toPts(), span.adjustment());
        }
        return new Adjustments(next);
    }

    private static void add(List<AdjustedSpan> to, long from, long until, Adjustment adjustment) {
        if (until <= from || adjustment.isNone()) {
            return;
        }
        if (!to.isEmpty()
                && to.getLast().toPts() == from
                && to.getLast().adjustment().equals(adjustment)) {
            AdjustedSpan before = to.removeLast();
            to.add(new AdjustedSpan(before.fromPts(), until, adjustment));
        } else {
            to.add(new AdjustedSpan(from, until, adjustment));
        }
    }
}
