package hitch.core.gauge;

/**
 * A flat sheet held across the pipe, one unit before the lens: what is a circle in the pipe is a circle on it. Coordinates are to
 * the right and down from where the pipe goes.
 *
 * @param lens what draws the picture
 * @param axis which way the pipe goes, a unit vector seen from the lens
 */
record Aligned(LensView lens, double[] axis, double[] right, double[] down) {
    static Aligned along(LensView lens, double[] axis) {
        // Turned onto the pipe by the shortest way, so that up stays up.
        double[] z = {0, 0, 1};
        double[] turn = {-axis[1], axis[0], 0};
        double sin = Math.hypot(turn[0], turn[1]);
        double[] right = {1, 0, 0};
        double[] down = {0, 1, 0};
        if (sin > 1e-9) {
            double[] k = {turn[0] / sin, turn[1] / sin, 0};
            right = turned(right, k, sin, axis[2]);
            down = turned(down, k, sin, axis[2]);
        }
        return new Aligned(lens, axis, right, down);
    }

    /** By the formula of Rodrigues. */
    private static double[] turned(double[] v, double[] k, double sin, double cos) {
        double dot = (k[0] * v[0] + k[1] * v[1] + k[2] * v[2]) * (1 - cos);
        return new double[] {
            v[0] * cos + (k[1] * v[2] - k[2] * v[1]) * sin + k[0] * dot,
            v[1] * cos + (k[2] * v[0] - k[0] * v[2]) * sin + k[1] * dot,
            v[2] * cos + (k[0] * v[1] - k[1] * v[0]) * sin + k[2] * dot
        };
    }

    /** Which way a place of the sheet lies, a unit vector. */
    double[] way(double u, double v) {
        double[] way = new double[3];
        double n = Math.sqrt(u * u + v * v + 1);
        for (int i = 0; i < 3; i++) {
            way[i] = (u * right[i] + v * down[i] + axis[i]) / n;
        }
        return way;
    }

    /** Pixel of a place of the sheet. */
    double[] pixel(double u, double v) {
        return lens.pixel(way(u, v));
    }

    /** Place of the sheet that a pixel shows; far out where it looks sideways or back. */
    double[] flat(double x, double y) {
        double[] way = lens.way(x, y);
        double z = Math.max(0.02, dot(way, axis));
        return new double[] {dot(way, right) / z, dot(way, down) / z};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
