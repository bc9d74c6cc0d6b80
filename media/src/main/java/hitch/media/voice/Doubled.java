package hitch.media.voice;

/** Twice as many samples a second, by a half-band filter: a windowed sinc of 63 taps, which leaves what is heard of speech as it is. */
final class Doubled {
    private static final int REACH = 16;
    private static final float[] TAPS = taps();

    private Doubled() {}

    /** The weight of the samples on either side of a place half-way between two. */
    private static float[] taps() {
        float[] taps = new float[REACH];
        double sum = 0;
        for (int i = 0; i < REACH; i++) {
            double at = i + 0.5;
            double window = 0.5 + 0.5 * Math.cos(Math.PI * at / REACH);
            taps[i] = (float) (Math.sin(Math.PI * at) / (Math.PI * at) * window);
            sum += taps[i];
        }
        for (int i = 0; i < REACH; i++) {
            taps[i] /= (float) (2 * sum);
        }
        return taps;
    }

    static float[] of(float[] in) {
        float[] out = new float[in.length * 2];
        for (int i = 0; i < in.length; i++) {
            out[2 * i] = in[i];
            float between = 0;
            for (int k = 0; k < REACH; k++) {
                float before = i - k >= 0 ? in[i - k] : 0;
                float after = i + 1 + k < in.length ? in[i + 1 + k] : 0;
                between += TAPS[k] * (before + after);
            }
            out[2 * i + 1] = between;
        }
        return out;
    }
}
