package hitch.core.gauge;

import java.util.Optional;

/** Linear equations. */
final class Solved {
    private Solved() {}

    /** The unknowns of n equations, each with its right side last; empty where they do not settle it. Gaussian elimination with pivots. */
    static Optional<double[]> of(double[][] m) {
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
