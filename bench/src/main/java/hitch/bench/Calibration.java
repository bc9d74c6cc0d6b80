package hitch.bench;

import java.util.Locale;
import java.util.function.Consumer;

/** What was claimed of readings against how many of them were true, in ten bands of confidence. */
public final class Calibration {
    private static final int BANDS = 10;

    private final double[] claimed = new double[BANDS];
    private final int[] moments = new int[BANDS];
    private final int[] good = new int[BANDS];

    /**
     * @param confidence 0 to 1
     * @param isTrue whether the reading was within what counts as true
     */
    public void add(double confidence, boolean isTrue) {
        int band = Math.clamp((int) (confidence * BANDS), 0, BANDS - 1);
        claimed[band] += confidence;
        moments[band]++;
        good[band] += isTrue ? 1 : 0;
    }

    /** Adds what another has. */
    public void add(Calibration other) {
        for (int b = 0; b < BANDS; b++) {
            claimed[b] += other.claimed[b];
            moments[b] += other.moments[b];
            good[b] += other.good[b];
        }
    }

    /** Prints it, a row for each band that has any. */
    public void print(Consumer<String> out) {
        out.accept("| confidence | moments | claimed | within half a foot |");
        out.accept("|---|---|---|---|");
        for (int b = 0; b < BANDS; b++) {
            if (moments[b] > 0) {
                out.accept(String.format(
                        Locale.ROOT,
                        "| %.1f to %.1f | %d | %.1f %% | %.2f %% |",
                        b / (double) BANDS,
                        (b + 1) / (double) BANDS,
                        moments[b],
                        100 * claimed[b] / moments[b],
                        100.0 * good[b] / moments[b]));
            }
        }
    }
}
