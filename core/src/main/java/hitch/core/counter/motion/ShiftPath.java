package hitch.core.counter.motion;

/**
 * The likeliest sequence of shifts given how well each agrees with the pictures: a camera on a cable does not change its
 * speed at once, so a change costs, and the best sequence is found by dynamic programming (Viterbi, 1967).
 */
final class ShiftPath {
    /** What a change of the shift by one sample costs, in correlation. */
    private static final double CHANGE = 0.02;
    /** How far the shift changes between two pictures at most, samples. */
    private static final int MOST = 10;
    /** How much less standing has to agree than moving to be taken. */
    private static final double STANDING = 0.015;

    private ShiftPath() {}

    /**
     * @param matches for each step how well each shift agrees, standing in the middle
     * @return for each step the index of its shift
     */
    static int[] likeliest(double[][] matches) {
        int steps = matches.length;
        if (steps == 0) {
            return new int[0];
        }
        int shifts = matches[0].length;
        int standing = shifts / 2;
        double[] best = new double[shifts];
        int[][] from = new int[steps][shifts];
        for (int i = 0; i < steps; i++) {
            double[] next = new double[shifts];
            for (int s = 0; s < shifts; s++) {
                int before = s;
                for (int k = Math.max(0, s - MOST); i > 0 && k <= Math.min(shifts - 1, s + MOST); k++) {
                    if (best[k] - CHANGE * Math.abs(k - s) > best[before] - CHANGE * Math.abs(before - s)) {
                        before = k;
                    }
                }
                from[i][s] = before;
                next[s] = (i > 0 ? best[before] - CHANGE * Math.abs(before - s) : 0)
                        + matches[i][s]
                        + (s == standing ? STANDING : 0);
            }
            best = next;
        }
        int[] path = new int[steps];
        int at = standing;
        for (int s = 0; s < shifts; s++) {
            at = best[s] > best[at] ? s : at;
        }
        for (int i = steps - 1; i >= 0; i--) {
            path[i] = at;
            at = from[i][at];
        }
        return path;
    }
}
