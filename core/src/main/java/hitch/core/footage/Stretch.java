package hitch.core.footage;

/**
 * A stretch of a clip that was seen badly or not at all.
 *
 * @param fromPts first time, ticks
 * @param toPts time after the last, ticks; greater than {@code fromPts}
 * @param reason what is wrong with it
 */
public record Stretch(long fromPts, long toPts, Reason reason) {
    /** Why a stretch shows nothing, or nothing new. */
    public enum Reason {
        /** The file is scratched or cut there; what is shown is made up by the decoder. */
        DAMAGED("damaged"),
        /** Too dark to see the wall. */
        DARK("dark"),
        /** Out of focus, fogged or smeared, against the clip's own sharpness. */
        BLURRED("blurred"),
        /** The recorder was paused: time passes from one frame to the next. */
        PAUSED("recording paused"),
        /** The camera stands; the picture is good. */
        MOTIONLESS("camera standing");

        private final String word;

        Reason(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** Whether what lies in such a stretch counts as not seen. */
        public boolean hides() {
            return this != MOTIONLESS;
        }
    }

    public Stretch {
        if (toPts <= fromPts) {
            throw new IllegalArgumentException("a stretch has a length");
        }
    }

    public boolean covers(long pts) {
        return pts >= fromPts && pts < toPts;
    }
}
