package hitch.core.gauge;

/** Lengths on a picture. */
final class Flat {
    private Flat() {}

    /** The length of a way; far faster than {@link Math#hypot}, which minds numbers that no picture has. */
    static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }
}
