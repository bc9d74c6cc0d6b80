package hitch.core.talk.like;

/** Shares of a whole, by their logarithms. */
final class Shares {
    private Shares() {}

    /** Each between 0 and 1, 1 together. */
    static double[] of(double[] logs) {
        double most = Double.NEGATIVE_INFINITY;
        for (double log : logs) {
            most = Math.max(most, log);
        }
        double[] shares = new double[logs.length];
        double sum = 0;
        for (int i = 0; i < logs.length; i++) {
            shares[i] = Math.exp(logs[i] - most);
            sum += shares[i];
        }
        for (int i = 0; i < shares.length; i++) {
            shares[i] /= sum;
        }
        return shares;
    }
}
