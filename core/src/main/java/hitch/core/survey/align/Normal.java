package hitch.core.survey.align;

/**
 * The normal equations of a least squares adjustment: {@code N x = b}, with {@code N} symmetric and positive definite.
 * Solved by Cholesky's method (Golub and Van Loan, Matrix Computations, section 4.2).
 */
final class Normal {
    private final double[][] n;
    private final double[] b;

    Normal(int unknowns) {
        n = new double[unknowns][unknowns];
        b = new double[unknowns];
    }

    /** Adds the observation that unknown {@code i} is {@code value}. */
    void is(int i, double value, double weight) {
        n[i][i] += weight;
        b[i] += weight * value;
    }

    /** Adds the observation that unknown {@code j} is {@code difference} more than unknown {@code i}. */
    void differ(int i, int j, double difference, double weight) {
        n[i][i] += weight;
        n[j][j] += weight;
        n[i][j] -= weight;
        n[j][i] -= weight;
        b[i] -= weight * difference;
        b[j] += weight * difference;
    }

    /** @throws ArithmeticException where an unknown is held by nothing */
    double[] solve() {
        int size = b.length;
        double[][] l = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = n[i][j];
                for (int k = 0; k < j; k++) {
                    sum -= l[i][k] * l[j][k];
                }
                if (i == j && sum <= 0) {
                    throw new ArithmeticException("unknown " + i + " is held by nothing");
                }
                l[i][j] = i == j ? Math.sqrt(sum) : sum / l[j][j];
            }
        }
        double[] x = new double[size];
        for (int i = 0; i < size; i++) {
            double sum = b[i];
            for (int k = 0; k < i; k++) {
                sum -= l[i][k] * x[k];
            }
            x[i] = sum / l[i][i];
        }
        for (int i = size - 1; i >= 0; i--) {
            double sum = x[i];
            for (int k = i + 1; k < size; k++) {
                sum -= l[k][i] * x[k];
            }
            x[i] = sum / l[i][i];
        }
        return x;
    }
}
