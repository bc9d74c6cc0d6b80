package hitch.core.gauge;

/** Lengths on a picture. */
final class Flat {
    private Flat() {}

    /** The length of a way; far faster than {@link Math#hypot}, which minds numbers that no picture has. */
    static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    /** How far a place lies off the line from {@code a} to {@code b}. */
    static double toLine(double x, double y, double[] a, double[] b) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double whole = dx * dx + dy * dy;
        double along = whole == 0 ? 0 : Math.clamp(((x - a[0]) * dx + (y - a[1]) * dy) / whole, 0, 1);
        return length(x - a[0] - along * dx, y - a[1] - along * dy);
    }
}
