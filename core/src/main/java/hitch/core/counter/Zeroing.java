package hitch.core.counter;

import hitch.core.measure.Distance;

/**
 * The counter was set to something at a frame, mostly to nothing. Readings from here on count from there.
 *
 * @param pts presentation time in the clip, ticks
 * @param cable cable already paid out at that moment, measured from the counter's first zero
 * @param shown what it was set to; zero where nothing is told, another length for a declared offset
 * @param by who says so; a person where nothing is told
 */
public record Zeroing(long pts, Distance cable, Distance shown, MarkSource by) implements CounterMark {
    public Zeroing {
        shown = shown == null ? Distance.ZERO : shown;
        by = by == null ? MarkSource.BY_HAND : by;
    }

    public static Zeroing byHand(long pts, Distance cable) {
        return new Zeroing(pts, cable, Distance.ZERO, MarkSource.BY_HAND);
    }

    @Override
    public Zeroing times(double times) {
        return new Zeroing(pts, cable.times(times), shown.times(times), by);
    }

    @Override
    public Zeroing confirmed() {
        return new Zeroing(pts, cable, shown, MarkSource.BY_HAND);
    }
}
