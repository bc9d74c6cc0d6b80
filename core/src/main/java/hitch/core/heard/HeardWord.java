package hitch.core.heard;

/**
 * A word that was heard.
 *
 * @param text as it is written
 * @param from when it begins, seconds of the clip
 * @param to when it ends
 * @param sureness mean log-probability of its parts: about -0.1 where it is right
 */
public record HeardWord(String text, double from, double to, double sureness) {
    /** Below this it is more often wrong than right (measured on speech with noise). */
    public static final double DOUBTFUL = -0.4;

    public boolean isDoubtful() {
        return sureness < DOUBTFUL;
    }
}
