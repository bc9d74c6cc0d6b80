package hitch.media.voice;

import java.util.ArrayList;
import java.util.List;

/** How loud sound is heard, after ITU-R BS.1770-4, for one channel at 48,000 samples a second. */
public final class Loudness {
    /** What it gives for silence. */
    public static final double SILENCE = -70;

    private static final int RATE = 48_000;
    private static final int BLOCK = RATE * 4 / 10;
    private static final int STEP = RATE / 10;
    private static final double OFFSET = -0.691;
    private static final double RELATIVE_GATE = -10;
    /** The recommendation's two filters: a shelf for the head, and a high-pass. */
    private static final double[] SHELF = {
        1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585
    };

    private static final double[] HIGH_PASS = {1, -2, 1, -1.99004745483398, 0.99007225036621};

    private Loudness() {}

    /** Loudness in LUFS, gated; {@link #SILENCE} where there is nothing to hear. Shorter than a block counts as one. */
    public static double of(float[] sound) {
        double[] heard = filtered(filtered(wide(sound), SHELF), HIGH_PASS);
        List<Double> blocks = new ArrayList<>();
        for (int from = 0; from == 0 || from + BLOCK <= heard.length; from += STEP) {
            int to = Math.min(heard.length, from + BLOCK);
            double power = 0;
            for (int i = from; i < to; i++) {
                power += heard[i] * heard[i];
            }
            blocks.add(to == from ? 0 : power / (to - from));
        }
        double gate = power(SILENCE);
        double all = mean(blocks, gate);
        return all <= 0 ? SILENCE : level(mean(blocks, Math.max(gate, power(level(all) + RELATIVE_GATE))));
    }

    private static double level(double power) {
        return power <= 0 ? SILENCE : OFFSET + 10 * Math.log10(power);
    }

    private static double power(double level) {
        return Math.pow(10, (level - OFFSET) / 10);
    }

    private static double mean(List<Double> blocks, double above) {
        return blocks.stream()
                .mapToDouble(Double::doubleValue)
                .filter(p -> p > above)
                .average()
                .orElse(0);
    }

    private static double[] wide(float[] sound) {
        double[] wide = new double[sound.length];
        for (int i = 0; i < sound.length; i++) {
            wide[i] = sound[i];
        }
        return wide;
    }

    private static double[] filtered(double[] in, double[] f) {
        double[] out = new double[in.length];
        double x1 = 0;
        double x2 = 0;
        double y1 = 0;
        double y2 = 0;
        for (int i = 0; i < in.length; i++) {
            double y = f[0] * in[i] + f[1] * x1 + f[2] * x2 - f[3] * y1 - f[4] * y2;
            x2 = x1;
            x1 = in[i];
            y2 = y1;
            y1 = y;
            out[i] = y;
        }
        return out;
    }
}
