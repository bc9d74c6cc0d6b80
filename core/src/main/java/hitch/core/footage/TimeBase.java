package hitch.core.footage;

/**
 * The length of one tick of a stream's clock, as the fraction {@code num/den} of a second.
 *
 * @param num ticks' numerator, 1 or more
 * @param den ticks' denominator, 1 or more
 */
public record TimeBase(int num, int den) {
    public TimeBase {
        if (num < 1 || den < 1) {
            throw new IllegalArgumentException("a time base needs positive parts, not " + num + "/" + den);
        }
    }

    /** Seconds for {@code ticks}; for display and for sound, never for comparing frames. */
    public double seconds(long ticks) {
        return (double) ticks * num / den;
    }

    /** The tick nearest to {@code seconds}. */
    public long ticks(double seconds) {
        return Math.round(seconds * den / num);
    }
}
