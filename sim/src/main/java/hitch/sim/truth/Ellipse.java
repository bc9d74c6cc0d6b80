package hitch.sim.truth;

import java.util.Arrays;
import java.util.Optional;

/**
 * An ellipse: its middle, half axes and the turn of the longer one in degrees, in the coordinates of the points.
 */
record Ellipse(double x, double y, double a, double b, double turn) {
    /** The ellipse that lies nearest to points, by least squares of A x² + B xy + C y² + D x + E y = 1 about their middle. */
    static Optional<Ellipse> through(double[] px, double[] py) {
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
        return solve(m).flatMap(k -> of(k, mx, my, scale));
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

    /** Gaussian elimination with pivots. */
    private static Optional<double[]> solve(double[][] m) {
        int n = m.length;
        for (int i = 0; i < n; i++) {
            int pivot = i;
            for (int r = i + 1; r < n; r++) {
                pivot = Math.abs(m[r][i]) > Math.abs(m[pivot][i]) ? r : pivot;
            }
            double[] swap = m[i];
            m[i] = m[pivot];
            m[pivot] = swap;
            if (Math.abs(m[i][i]) < 1e-12) {
                return Optional.empty();
            }
            for (int r = 0; r < n; r++) {
                double by = r == i ? 0 : m[r][i] / m[i][i];
                for (int c = i; c <= n && by != 0; c++) {
                    m[r][c] -= by * m[i][c];
                }
            }
        }
        double[] out = new double[n];
        for (int i = 0; i < n; i++) {
            out[i] = m[i][n] / m[i][i];
        }
        return Optional.of(out);
    }
}
