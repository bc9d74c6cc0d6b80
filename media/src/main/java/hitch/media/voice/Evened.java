package hitch.media.voice;

/** Speech as loud as all other speech, without clipping: where its peaks would not fit they are rounded off. */
final class Evened {
    /** As loud as speech is asked for on the phones and screens it is played on, LUFS. */
    static final double TARGET = -16;

    /** Where rounding begins and what no sample goes over. */
    private static final double KNEE = 0.7;

    private static final double CEILING = 0.94;

    private Evened() {}

    static Sound of(float[] sound, int rate) {
        double loud = Loudness.of(sound);
        if (loud <= Loudness.SILENCE) {
            return new Sound(sound, rate);
        }
        double gain = Math.pow(10, (TARGET - loud) / 20);
        float[] even = new float[sound.length];
        // What rounding takes from the peaks is given back once.
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < sound.length; i++) {
                even[i] = (float) rounded(sound[i] * gain);
            }
            gain *= Math.pow(10, (TARGET - Loudness.of(even)) / 20);
        }
        for (int i = 0; i < sound.length; i++) {
            even[i] = (float) rounded(sound[i] * gain);
        }
        return new Sound(even, rate);
    }

    private static double rounded(double s) {
        double size = Math.abs(s);
        if (size <= KNEE) {
            return s;
        }
        double over = (size - KNEE) / (CEILING - KNEE);
        return Math.signum(s) * (KNEE + (CEILING - KNEE) * Math.tanh(over));
    }
}
