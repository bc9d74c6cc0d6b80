package hitch.core.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Guesses at rings: every edge of the sheet votes for the circles that it may lie on, along the way across it (the transform of
 * Hough with gradients). The lens is within the pipe, so where the pipe goes lies within each of its rings.
 */
final class RingVotes {
    /** Radii of the guesses, sheet pixels, and how each follows the one before. */
    private static final double SMALLEST = 20;

    private static final double GROWTH = 1.09;
    /** Middles are told apart by so many sheet pixels. */
    private static final int CELL = 6;
    /** How far the middle of the bore may lie from the lens, radii of the bore. */
    private static final double OFF_MIDDLE = 0.85;
    /** An edge counts from so much of the mean round it. */
    private static final double EDGE = 2.0;

    private final Sheet sheet;
    private final int sizes;
    private final int wide;
    private final int high;
    private final double[] radii;
    private final float[][] votes;

    RingVotes(Sheet sheet) {
        this.sheet = sheet;
        double largest = 0.75 * Math.min(sheet.width(), sheet.height());
        this.sizes = (int) (Math.log(largest / SMALLEST) / Math.log(GROWTH));
        this.wide = sheet.width() / CELL + 1;
        this.high = sheet.height() / CELL + 1;
        this.radii = IntStream.range(0, sizes).mapToDouble(RingVotes::size).toArray();
        this.votes = new float[sizes][wide * high];
        vote();
    }

    /** A circle, in sheet pixels from its upper left. */
    record Guess(double x, double y, double r, double score) {}

    private static double size(int i) {
        return SMALLEST * Math.pow(GROWTH, i);
    }

    private void vote() {
        int w = sheet.width() / 2;
        int h = sheet.height() / 2;
        float[] half = halved(w, h);
        float[] gx = new float[w * h];
        float[] gy = new float[w * h];
        float[] strong = new float[w * h];
        for (int y = 2; y < h - 2; y++) {
            for (int x = 2; x < w - 2; x++) {
                int i = y * w + x;
                gx[i] = (half[i + 1] - half[i - 1]) * 2
                        + half[i + 1 - w]
                        - half[i - 1 - w]
                        + half[i + 1 + w]
                        - half[i - 1 + w];
                gy[i] = (half[i + w] - half[i - w]) * 2
                        + half[i + w - 1]
                        - half[i - w - 1]
                        + half[i + w + 1]
                        - half[i - w + 1];
                float g = (float) Flat.length(gx[i], gy[i]);
                strong[i] = Float.isNaN(g) ? 0 : g;
            }
        }
        float[] mean = mean(strong, w, h, 14);
        List<Edge> edges = new ArrayList<>();
        for (int y = 2; y < h - 2; y++) {
            for (int x = 2; x < w - 2; x++) {
                int i = y * w + x;
                double share = strong[i] / (mean[i] + 0.03);
                if (share > EDGE) {
                    edges.add(new Edge(
                            2 * x + 1, 2 * y + 1, gx[i] / strong[i], gy[i] / strong[i], Math.min(1, share / 4)));
                }
            }
        }
        IntStream.range(0, sizes).parallel().forEach(size -> vote(edges, size));
    }

    private float[] halved(int w, int h) {
        float[] half = new float[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int i = 2 * y * sheet.width() + 2 * x;
                float[] l = sheet.light();
                half[y * w + x] = (l[i] + l[i + 1] + l[i + sheet.width()] + l[i + sheet.width() + 1]) / 4;
            }
        }
        return half;
    }

    private static float[] mean(float[] of, int w, int h, int reach) {
        double[] sums = new double[(w + 1) * (h + 1)];
        for (int y = 0; y < h; y++) {
            double row = 0;
            for (int x = 0; x < w; x++) {
                row += of[y * w + x];
                sums[(y + 1) * (w + 1) + x + 1] = sums[y * (w + 1) + x + 1] + row;
            }
        }
        float[] out = new float[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int x0 = Math.max(0, x - reach);
                int x1 = Math.min(w, x + reach + 1);
                int y0 = Math.max(0, y - reach);
                int y1 = Math.min(h, y + reach + 1);
                double sum = sums[y1 * (w + 1) + x1]
                        - sums[y0 * (w + 1) + x1]
                        - sums[y1 * (w + 1) + x0]
                        + sums[y0 * (w + 1) + x0];
                out[y * w + x] = (float) (sum / ((x1 - x0) * (y1 - y0)));
            }
        }
        return out;
    }

    /**
     * A place where the light changes.
     *
     * @param x sheet pixels
     * @param y likewise
     * @param right of the unit way across it
     * @param down of that way
     * @param weight 0 to 1
     */
    private record Edge(double x, double y, double right, double down, double weight) {}

    /** Lets each edge vote for circles of one size. */
    private void vote(List<Edge> edges, int size) {
        double r = radii[size];
        double farthest = OFF_MIDDLE * OFF_MIDDLE * r * r;
        for (Edge edge : edges) {
            double ox = edge.x() - sheet.middleX();
            double oy = edge.y() - sheet.middleY();
            double by = ox * edge.right() + oy * edge.down() > 0 ? -r : r;
            double mx = ox + by * edge.right();
            double my = oy + by * edge.down();
            if (mx * mx + my * my > farthest) {
                continue;
            }
            int u = (int) ((mx + sheet.middleX()) / CELL);
            int v = (int) ((my + sheet.middleY()) / CELL);
            if (u > 0 && v > 0 && u < wide - 1 && v < high - 1) {
                votes[size][v * wide + u] += (float) (edge.weight() / r);
            }
        }
    }

    /** The likeliest guesses, the best first. */
    List<Guess> best(int most) {
        float[][] soft = new float[sizes][];
        IntStream.range(0, sizes).parallel().forEach(i -> soft[i] = mean(votes[i], wide, high, 1));
        float[][] scores = new float[sizes][wide * high];
        for (int i = 0; i < sizes; i++) {
            for (int cell = 0; cell < wide * high; cell++) {
                float near = Math.max(i > 0 ? soft[i - 1][cell] : 0, i < sizes - 1 ? soft[i + 1][cell] : 0);
                scores[i][cell] = soft[i][cell] + 0.5f * near;
            }
        }
        List<Guess> all = new ArrayList<>();
        for (int i = 0; i < sizes; i++) {
            for (int v = 1; v < high - 1; v++) {
                for (int u = 1; u < wide - 1; u++) {
                    float score = scores[i][v * wide + u];
                    if (score > 0 && isPeak(scores[i], u, v, score)) {
                        all.add(new Guess((u + 0.5) * CELL, (v + 0.5) * CELL, size(i), score));
                    }
                }
            }
        }
        all.sort(Comparator.comparingDouble(g -> -g.score()));
        List<Guess> chosen = new ArrayList<>();
        for (Guess g : all) {
            if (chosen.size() == most) {
                break;
            }
            boolean known = chosen.stream()
                    .anyMatch(c -> Flat.length(c.x() - g.x(), c.y() - g.y()) < 0.10 * c.r()
                            && Math.abs(c.r() - g.r()) < 0.10 * c.r());
            if (!known) {
                chosen.add(g);
            }
        }
        return chosen;
    }

    private boolean isPeak(float[] scores, int u, int v, float score) {
        for (int j = -1; j <= 1; j++) {
            for (int k = -1; k <= 1; k++) {
                if (scores[(v + j) * wide + u + k] > score) {
                    return false;
                }
            }
        }
        return true;
    }
}
