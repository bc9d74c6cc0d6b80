package hitch.core.footage;

/**
 * A stretch of a clip looked at through an adjustment.
 *
 * @param fromPts first time, ticks
 * @param toPts time after the last, ticks; greater than {@code fromPts}
 * @param adjustment how it is looked at
 */
public record AdjustedSpan(long fromPts, long toPts, Adjustment adjustment) {
    public AdjustedSpan {
        if (toPts <= fromPts) {
            throw new IllegalArgumentException("an adjusted stretch has a length");
        }
    }
}
