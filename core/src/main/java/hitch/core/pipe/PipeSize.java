package hitch.core.pipe;

import hitch.core.measure.Distance;
import hitch.core.measure.Inches;

/**
 * The nominal bore of a pipe.
 *
 * @param bore half an inch to ten feet
 */
public record PipeSize(Distance bore) {
    /** What is reckoned with where nobody said how wide a pipe is: most house drains are four inches. */
    public static final PipeSize USUAL = inches(4);

    /** Bores are named by quarter inches at the finest. */
    private static final int PARTS = 4;

    public PipeSize {
        if (bore.mm() < 12 || bore.mm() > 3048) {
            throw new IllegalArgumentException("a pipe of " + Inches.show(bore) + " is not a drain");
        }
    }

    /** Of a bore that is named in inches, such as 4 or 1.5. */
    public static PipeSize inches(double inches) {
        return new PipeSize(Distance.inches(inches));
    }

    /** As it is named, inches. */
    public double inInches() {
        return (double) Math.round(bore.inInches() * PARTS) / PARTS;
    }

    /** Such as {@code 4 in} or {@code 1 1/2 in}. */
    public String show() {
        return Inches.show(Distance.inches(inInches()));
    }
}
