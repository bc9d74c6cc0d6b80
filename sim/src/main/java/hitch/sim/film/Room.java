package hitch.sim.film;

/**
 * A voice as a recorder's small microphone hears it beside an open cleanout: narrow, and with the pipe and the house wall answering.
 */
final class Room {
    /** When the walls answer, seconds, and how loud. */
    private static final double[] DELAYS = {0.011, 0.019, 0.031, 0.047};

    private static final float[] ANSWERS = {0.34f, 0.26f, 0.2f, 0.13f};
    private static final double PIPE_S = 0.067;
    private static final float PIPE = 0.28f;
    private static final double HIGHEST_HZ = 3600;
    private static final double LOWEST_HZ = 240;

    private Room() {}

    /** The voice as it is recorded, a little longer than it was spoken. */
    static float[] heard(float[] voice, int rate) {
        float[] out = new float[voice.length + rate / 4];
        int pipe = (int) (PIPE_S * rate);
        for (int i = 0; i < out.length; i++) {
            float sum = i < voice.length ? voice[i] : 0;
            for (int k = 0; k < DELAYS.length; k++) {
                int from = i - (int) (DELAYS[k] * rate);
                sum += from >= 0 && from < voice.length ? ANSWERS[k] * voice[from] : 0;
            }
            out[i] = sum + (i >= pipe ? PIPE * out[i - pipe] : 0);
        }
        return narrow(out, rate);
    }

    private static float[] narrow(float[] sound, int rate) {
        float close = (float) (1 - Math.exp(-2 * Math.PI * HIGHEST_HZ / rate));
        float open = (float) (1 - Math.exp(-2 * Math.PI * LOWEST_HZ / rate));
        float first = 0;
        float second = 0;
        float low = 0;
        for (int i = 0; i < sound.length; i++) {
            first += (sound[i] - first) * close;
            second += (first - second) * close;
            low += (second - low) * open;
            sound[i] = second - low;
        }
        return sound;
    }
}
