package hitch.media.voice;

import hitch.core.story.ReadAloud;
import java.util.List;

/** Brings the times of something that was said to the pauses about it, so that no word is cut. */
public final class AtPauses {
    /** Captions are thought to be so good, seconds; looked at on either side. */
    public static final double NEAR = 0.7;
    /** Kept of the pause on either side, seconds. */
    private static final double MARGIN = 0.08;

    private AtPauses() {}

    /**
     * @param about sound from {@link #NEAR} before what was said to {@link #NEAR} after it
     * @return where in it what was said begins and ends, seconds; as it was thought where nothing pauses near
     */
    public static double[] of(Sound about) {
        double from = NEAR;
        double to = Math.max(NEAR, about.seconds() - NEAR);
        List<ReadAloud.Stretch> stretches = Stretches.of(about);
        double begins = from;
        double ends = to;
        double nearest = NEAR;
        for (ReadAloud.Stretch stretch : stretches) {
            if (Math.abs(stretch.from() - from) < nearest) {
                nearest = Math.abs(stretch.from() - from);
                begins = Math.max(0, stretch.from() - MARGIN);
            }
        }
        nearest = NEAR;
        for (ReadAloud.Stretch stretch : stretches) {
            if (Math.abs(stretch.to() - to) < nearest && stretch.to() > begins) {
                nearest = Math.abs(stretch.to() - to);
                ends = Math.min(about.seconds(), stretch.to() + MARGIN);
            }
        }
        return new double[] {begins, Math.max(begins + MARGIN, ends)};
    }
}
