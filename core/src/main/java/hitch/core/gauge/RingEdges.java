package hitch.core.gauge;

import java.util.Arrays;

/** The edges that rays out of a guess at a ring's middle cross: where, and how sharp. */
final class RingEdges {
    static final int RAYS = 240;
    /** From which to which share of the guess's radius they are looked for. */
    static final double FROM = 0.55;

    static final double TO = 1.4;
    private static final int MOST = 7;
    /** An edge counts from so much of what is usual on its ray. */
    private static final double SHARP = 1.5;

    private static final double LEAST = 0.025;
    private static final int PART = 12;

    final double[] x = new double[RAYS * MOST];
    final double[] y = new double[RAYS * MOST];
    /** How sharp each is, 0 to 1: as sharp as the sharpest of most rays, or less. */
    final double[] sharp = new double[RAYS * MOST];
    /** The ray of each. */
    final int[] ray = new int[RAYS * MOST];

    int count;
    /** Rays that lie within the picture, for the most part. */
    final boolean[] open = new boolean[RAYS];

    private final double cx;
    private final double cy;

    RingEdges(Sheet sheet, double cx, double cy, double r) {
        this.cx = cx;
        this.cy = cy;
        double step = Math.max(0.5, r * 0.006);
        int n = (int) ((TO - FROM) * r / step);
        double[] line = new double[n];
        double[] slope = new double[n];
        double[][] slopes = new double[RAYS][];
        for (int a = 0; a < RAYS; a++) {
            double dx = Math.cos(2 * Math.PI * a / RAYS);
            double dy = Math.sin(2 * Math.PI * a / RAYS);
            int seen = 0;
            for (int i = 0; i < n; i++) {
                double d = FROM * r + i * step;
                line[i] = sheet.at(cx + dx * d, cy + dy * d);
                seen += Double.isNaN(line[i]) ? 0 : 1;
            }
            open[a] = seen > n * 0.75;
            int reach = Math.max(1, (int) Math.round(1.2 / step));
            Arrays.fill(slope, 0);
            for (int i = 2 * reach; i < n - 2 * reach; i++) {
                double sum = 0;
                for (int k = 1; k <= 2 * reach; k++) {
                    sum += (line[i + k] - line[i - k]) * (k <= reach ? 1 : 0.5);
                }
                slope[i] = Double.isNaN(sum) ? 0 : sum / (1.5 * reach);
            }
            slopes[a] = slope.clone();
        }
        double usual = usual(slopes);
        for (int a = 0; a < RAYS; a++) {
            edges(slopes[a], a, FROM * r, step, usual);
        }
        weigh();
    }

    /** Sharpness by that of the sharpest edge of each ray, so that a rim outweighs what is only rough. */
    private void weigh() {
        double[] most = new double[RAYS];
        for (int i = 0; i < count; i++) {
            most[ray[i]] = Math.max(most[ray[i]], sharp[i]);
        }
        Arrays.sort(most);
        double full = Math.max(1e-6, most[RAYS * 6 / 10]);
        for (int i = 0; i < count; i++) {
            sharp[i] = Math.min(1, sharp[i] / full);
        }
    }

    /** Marks all but the first sharp edge of each ray, going outward, as used. */
    void leaveFirst(boolean[] used, double from) {
        int last = -1;
        for (int a = 0; a < RAYS; a++) {
            int first = -1;
            for (int i = last + 1; i < count && ray[i] == a; i++) {
                last = i;
                if (sharp[i] >= from
                        && !used[i]
                        && (first < 0 || Math.hypot(x[i] - cx, y[i] - cy) < Math.hypot(x[first] - cx, y[first] - cy))) {
                    if (first >= 0) {
                        used[first] = true;
                    }
                    first = i;
                } else {
                    used[i] = true;
                }
            }
        }
    }

    /** What six of ten slopes do not reach; of a part of them, for the rest is like it. */
    private static double usual(double[][] slopes) {
        double[] all = new double[RAYS / PART * slopes[0].length];
        int n = 0;
        for (int a = 0; a + PART <= RAYS; a += PART) {
            for (double d : slopes[a]) {
                if (d != 0) {
                    all[n++] = Math.abs(d);
                }
            }
        }
        Arrays.sort(all, 0, n);
        return n == 0 ? 1 : all[n * 6 / 10];
    }

    private void edges(double[] slope, int a, double from, double step, double usual) {
        double least = Math.max(LEAST, SHARP * usual);
        double dx = Math.cos(2 * Math.PI * a / RAYS);
        double dy = Math.sin(2 * Math.PI * a / RAYS);
        int first = count;
        for (int i = 1; i < slope.length - 1; i++) {
            double s = Math.abs(slope[i]);
            if (s < least || s < Math.abs(slope[i - 1]) || s <= Math.abs(slope[i + 1])) {
                continue;
            }
            double p = Math.abs(slope[i - 1]);
            double q = Math.abs(slope[i + 1]);
            double bend = p - 2 * s + q;
            double at = from + (i + (bend == 0 ? 0 : 0.5 * (p - q) / bend)) * step;
            int to = count - first < MOST ? count++ : weakest(first);
            if (to < count - 1 && sharp[to] > s) {
                continue;
            }
            x[to] = cx + dx * at;
            y[to] = cy + dy * at;
            sharp[to] = s;
            ray[to] = a;
        }
    }

    private int weakest(int first) {
        int least = first;
        for (int i = first; i < count; i++) {
            least = sharp[i] < sharp[least] ? i : least;
        }
        return least;
    }
}
