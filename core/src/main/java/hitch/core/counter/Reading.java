package hitch.core.counter;

import hitch.core.measure.Distance;

/**
 * What the counter shows at a frame.
 *
 * @param pts presentation time in the clip, ticks
 * @param shown the number on the picture as a length, 0 or more
 * @param by who says so; a person where nothing is told
 */
public record Reading(long pts, Distance shown, MarkSource by) implements CounterMark {
    public Reading {
        by = by == null ? MarkSource.BY_HAND : by;
    }

    public static Reading byHand(long pts, Distance shown) {
        return new Reading(pts, shown, MarkSource.BY_HAND);
    }

    @Override
    public Reading times(double times) {
        return new Reading(pts, shown.times(times), by);
    }

    @Override
    public Reading confirmed() {
        return byHand(pts, shown);
    }
}
