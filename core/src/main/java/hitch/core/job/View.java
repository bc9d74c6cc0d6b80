package hitch.core.job;

/**
 * What of a picture is gone into.
 *
 * @param zoom how many times larger, 1 to {@link #MOST}
 * @param x where its middle is, a share of the picture's width, 0 to 1
 * @param y likewise of its height, from the top
 */
public record View(double zoom, double x, double y) {
    public static final double MOST = 4;

    public View {
        if (!(zoom >= 1 && zoom <= MOST)) {
            throw new IllegalArgumentException("a picture is gone into 1 to " + (int) MOST + " times, not " + zoom);
        }
        x = Math.clamp(x, 0, 1);
        y = Math.clamp(y, 0, 1);
    }
}
