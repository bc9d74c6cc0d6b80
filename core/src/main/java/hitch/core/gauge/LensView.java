package hitch.core.gauge;

/**
 * How a camera's lens draws: which way each pixel looks. Ways are {@code {right, down, forward}}.
 *
 * @param width of its pictures, pixels
 * @param height likewise
 * @param focal pixels to a radian at the middle of the picture
 * @param wide whether it draws equal angles as equal lengths, as wide lenses do; else as a pinhole does
 */
public record LensView(int width, int height, double focal, boolean wide) {
    /** What a push camera's lens sees from left to right where nobody says otherwise, degrees. */
    public static final double USUAL_DEGREES = 85;

    /** A lens sees so much from left to right, degrees. */
    public static final double NARROWEST_DEGREES = 20;

    public static final double WIDEST_DEGREES = 170;

    public LensView {
        if (width < 16 || height < 16 || !(focal > 0)) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height + " cannot be measured");
        }
    }

    /**
     * A wide lens.
     *
     * @param degrees that it sees from left to right, 20 to 170
     */
    public static LensView across(int width, int height, double degrees) {
        if (!(degrees >= NARROWEST_DEGREES && degrees <= WIDEST_DEGREES)) {
            throw new IllegalArgumentException("a lens sees 20 to 170 degrees from left to right, not " + degrees);
        }
        return new LensView(width, height, width / Math.toRadians(degrees), true);
    }

    /** Degrees from left to right. */
    public double degrees() {
        return Math.toDegrees(wide ? width / focal : 2 * Math.atan(width / 2.0 / focal));
    }

    /** Which way a place of the picture looks, a unit vector. */
    double[] way(double x, double y) {
        double u = (x - width / 2.0) / focal;
        double v = (y - height / 2.0) / focal;
        double r = Flat.length(u, v);
        if (!wide) {
            double n = Math.sqrt(1 + r * r);
            return new double[] {u / n, v / n, 1 / n};
        }
        double s = r < 1e-9 ? 1 : Math.sin(r) / r;
        return new double[] {u * s, v * s, Math.cos(r)};
    }

    /** Where a way shows, pixels from the left and from the top. */
    double[] pixel(double[] way) {
        double across = Flat.length(way[0], way[1]);
        double r = wide ? Math.atan2(across, way[2]) : across / Math.max(1e-6, way[2]);
        double by = across < 1e-12 ? 0 : r * focal / across;
        return new double[] {width / 2.0 + way[0] * by, height / 2.0 + way[1] * by};
    }
}
