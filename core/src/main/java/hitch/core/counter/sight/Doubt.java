package hitch.core.counter.sight;

/**
 * A stretch of a clip in which the counter's reading is not to be trusted.
 *
 * @param from seconds into the clip
 * @param to seconds into the clip, after {@code from}
 * @param confidence the least in it, 0 to 1
 */
public record Doubt(double from, double to, double confidence) {
    public double seconds() {
        return to - from;
    }
}
