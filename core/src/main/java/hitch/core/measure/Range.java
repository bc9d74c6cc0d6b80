package hitch.core.measure;

/**
 * A number that is only known to lie between two others. Sums and products are those of interval arithmetic: every value
 * that the parts may have is within what is given.
 *
 * @param low the least it can be
 * @param high the most; not under {@code low}
 */
public record Range(double low, double high) {
    public static final Range ZERO = new Range(0, 0);

    public Range {
        if (!(low <= high)) {
            throw new IllegalArgumentException("a range goes upwards, not from " + low + " to " + high);
        }
    }

    public static Range of(double exact) {
        return new Range(exact, exact);
    }

    public static Range between(double a, double b) {
        return new Range(Math.min(a, b), Math.max(a, b));
    }

    public Range plus(Range other) {
        return new Range(low + other.low, high + other.high);
    }

    /** The product with a range that is nowhere under nothing. */
    public Range times(Range other) {
        if (low < 0 || other.low < 0) {
            throw new IllegalArgumentException("only what is not under nothing is multiplied");
        }
        return new Range(low * other.low, high * other.high);
    }

    public Range times(double by) {
        return between(low * by, high * by);
    }

    /** The least range that holds both. */
    public Range or(Range other) {
        return new Range(Math.min(low, other.low), Math.max(high, other.high));
    }

    /** This where it is above {@code least}, and {@code least} where it is not. */
    public Range atLeast(Range least) {
        return new Range(Math.max(low, least.low), Math.max(high, least.high));
    }

    /** Rounded outwards to whole multiples of a step; a step of 0 leaves it as it is. */
    public Range roundedTo(double step) {
        return step <= 0 ? this : new Range(Math.floor(low / step) * step, Math.ceil(high / step) * step);
    }

    public double middle() {
        return (low + high) / 2;
    }

    public boolean holds(double value) {
        return low <= value && value <= high;
    }
}
