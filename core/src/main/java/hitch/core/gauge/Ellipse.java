package hitch.core.gauge;

import java.util.Arrays;
import java.util.Optional;

/**
 * An ellipse on a picture.
 *
 * @param x of its middle, pixels from the left
 * @param y from the top
 * @param a longer half axis, pixels
 * @param b shorter half axis, pixels
 * @param turn of the longer axis, degrees clockwise from the picture's right
 */
public record Ellipse(double x, double y, double a, double b, double turn) {
    /** The ellipse that lies nearest to points, by least squares of A x² + B xy + C y² + D x + E y = 1 about their middle. */
    public static Optional<Ellipse> through(double[] px, double[] py) {
        double mx = Arrays.stream(px).average().orElse(0);
        double my = Arrays.stream(py).average().orElse(0);
        double size = 1e-9;
        for (int i = 0; i < px.length; i++) {
            size = Math.max(size, Math.hypot(px[i] - mx, py[i] - my));
        }
        double[][] m = new double[5][6];
        for (int i = 0; i < px.length; i++) {
            double u = (px[i] - mx) / size;
            double v = (py[i] - my) / size;
            double[] row = {u * u, u * v, v * v, u, v, 1};
            for (int r = 0; r < 5; r++) {
                for (int c = 0; c < 6; c++) {
                    m[r][c] += row[r] * row[c];
                }
            }
        }
        double scale = size;
        return Solved.of(m).flatMap(k -> of(k, mx, my, scale));
    }

    private static Optional<Ellipse> of(double[] k, double mx, double my, double size) {
        double det = 4 * k[0] * k[2] - k[1] * k[1];
        if (det <= 1e-12) {
            return Optional.empty();
        }
        double cu = (k[1] * k[4] - 2 * k[2] * k[3]) / det;
        double cv = (k[1] * k[3] - 2 * k[0] * k[4]) / det;
        double level = 1 + k[0] * cu * cu + k[1] * cu * cv + k[2] * cv * cv;
        double middle = (k[0] + k[2]) / 2;
        double off = Math.hypot((k[0] - k[2]) / 2, k[1] / 2);
        if (level <= 0 || middle - off <= 0) {
            return Optional.empty();
        }
        double turn = Math.toDegrees(0.5 * Math.atan2(-k[1], k[2] - k[0]));
        return Optional.of(new Ellipse(
                mx + cu * size,
                my + cv * size,
                size * Math.sqrt(level / (middle - off)),
                size * Math.sqrt(level / (middle + off)),
                turn));
    }
}
