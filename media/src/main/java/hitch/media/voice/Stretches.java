package hitch.media.voice;

import hitch.core.story.ReadAloud;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Where in a sound somebody speaks: what stands out of its own quiet. */
public final class Stretches {
    private static final double FRAME = 0.02;
    /** Quieter for so long is a pause, seconds. */
    private static final double PAUSE = 0.18;
    /** Shorter than this is a click, seconds. */
    private static final double CLICK = 0.06;
    /** Speech stands between the quiet and the loud of a sound by this share of the way, in decibels. */
    private static final double BETWEEN = 0.35;

    /** Shares of a sound that count as its quiet and its loud. */
    static final double QUIET = 0.1;

    static final double LOUD = 0.95;
    /** However quiet the pauses are, speech is no more below its loudest than this, decibels. */
    private static final double DEEPEST = 32;

    private static final double FAINT = 1e-5;
    /** Sound that is everywhere about as loud is speech or noise all through, decibels. */
    private static final double EVEN = 8;

    private Stretches() {}

    /** The stretches in order; none where nothing stands out. */
    public static List<ReadAloud.Stretch> of(Sound sound) {
        double[] level = levels(sound);
        double quiet = level(sound, QUIET);
        double loud = level(sound, LOUD);
        if (loud - quiet < EVEN) {
            return List.of();
        }
        double gate = Math.max(quiet + BETWEEN * (loud - quiet), loud - DEEPEST);
        List<ReadAloud.Stretch> all = new ArrayList<>();
        int from = -1;
        int last = -1;
        for (int i = 0; i <= level.length; i++) {
            boolean speaks = i < level.length && level[i] > gate;
            if (speaks) {
                from = from < 0 ? i : from;
                last = i;
            } else if (from >= 0 && (i == level.length || (i - last) * FRAME > PAUSE)) {
                if ((last + 1 - from) * FRAME >= CLICK) {
                    all.add(new ReadAloud.Stretch(from * FRAME, Math.min(sound.seconds(), (last + 1) * FRAME)));
                }
                from = -1;
            }
        }
        return all;
    }

    /** The level that a share of the sound does not go over, decibels. */
    static double level(Sound sound, double share) {
        double[] sorted = levels(sound);
        Arrays.sort(sorted);
        return sorted.length == 0 ? 20 * Math.log10(FAINT) : sorted[(int) (share * (sorted.length - 1))];
    }

    /** Of each frame, decibels. */
    private static double[] levels(Sound sound) {
        int frame = (int) (FRAME * sound.rate());
        double[] level = new double[sound.samples().length / frame];
        for (int i = 0; i < level.length; i++) {
            double power = 0;
            for (int k = 0; k < frame; k++) {
                float s = sound.samples()[i * frame + k];
                power += s * s;
            }
            level[i] = 10 * Math.log10(power / frame + FAINT * FAINT);
        }
        return level;
    }
}
