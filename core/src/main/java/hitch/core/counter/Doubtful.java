package hitch.core.counter;

/**
 * A stretch of a clip in which the counter could not be read with trust.
 *
 * @param fromPts first tick
 * @param toPts tick after the last
 * @param confidence the least in it, 0 to 1
 */
public record Doubtful(long fromPts, long toPts, double confidence) {
    /** Confidence below which a person is asked to look; from here on it is only trusted less. */
    public static final double TO_BE_ASKED = 0.6;

    public boolean covers(long pts) {
        return pts >= fromPts && pts < toPts;
    }
}
