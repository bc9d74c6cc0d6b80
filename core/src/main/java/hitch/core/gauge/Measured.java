package hitch.core.gauge;

import hitch.core.measure.Distance;

/**
 * A length that was measured on a picture.
 *
 * @param mm millimetres
 * @param error millimetres to either side: the truth lies outside one time in ten
 * @param sure how likely it is that what was measured is what it is taken for, 0 to 1; 1 where a hand pointed at it
 */
public record Measured(double mm, double error, double sure) {
    /** Of the steps and gaps that were proposed as surely as this, nine in ten were right; of those less sure two in three. */
    public static final double LIKELY = 0.85;

    public Measured {
        if (!(error >= 0) || Double.isNaN(mm)) {
            throw new IllegalArgumentException("no measure: " + mm + " mm, give or take " + error);
        }
    }

    public double inches() {
        return mm / Distance.MM_PER_INCH;
    }

    public double errorInches() {
        return error / Distance.MM_PER_INCH;
    }

    /** Whether it may as well be nothing. */
    public boolean mayBeNothing() {
        return mm <= error;
    }

    /** Whether a limit lies within its error, so that either side of it may be the truth. */
    public boolean straddles(double limitMm) {
        return Math.abs(mm - limitMm) <= error;
    }
}
