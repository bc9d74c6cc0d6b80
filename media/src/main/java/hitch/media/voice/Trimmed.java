package hitch.media.voice;

/** Speech without the silence around it, so that pauses are as long as they are meant to be. */
final class Trimmed {
    /** Below this share of its loudest moment nothing is said. */
    private static final float QUIET = 0.015f;
    /** Kept on either side, so that no consonant is cut, seconds. */
    private static final double MARGIN = 0.03;

    private Trimmed() {}

    static float[] of(float[] sound, int rate) {
        float most = 0;
        for (float s : sound) {
            most = Math.max(most, Math.abs(s));
        }
        int from = 0;
        while (from < sound.length && Math.abs(sound[from]) <= QUIET * most) {
            from++;
        }
        int to = sound.length;
        while (to > from && Math.abs(sound[to - 1]) <= QUIET * most) {
            to--;
        }
        int margin = (int) (MARGIN * rate);
        return java.util.Arrays.copyOfRange(sound, Math.max(0, from - margin), Math.min(sound.length, to + margin));
    }
}
