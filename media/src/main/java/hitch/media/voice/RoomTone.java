package hitch.media.voice;

import java.util.Arrays;
import java.util.List;

/** The quiet of the place where something was recorded, put where otherwise there would be none at all. */
public final class RoomTone {
    /** Seconds in which pieces of sound come and go. */
    private static final double FADE = 0.03;
    /** So much quiet is taken and repeated, seconds. */
    private static final double PIECE = 0.4;

    private final float[] samples;
    private final int rate;

    private RoomTone(float[] samples, int rate) {
        this.samples = samples;
        this.rate = rate;
    }

    /** The same sound coming and going softly. */
    public static RoomTone faded(Sound sound) {
        return new RoomTone(soft(sound), sound.rate());
    }

    /**
     * Stretches one after the other with their own quiet between them.
     *
     * @param gap seconds between two
     */
    public static RoomTone joined(List<Sound> parts, double gap) {
        int rate = parts.getFirst().rate();
        int between = (int) Math.round(gap * rate);
        float[] all = new float[parts.stream().mapToInt(p -> p.samples().length).sum() + between * (parts.size() - 1)];
        int at = 0;
        for (int i = 0; i < parts.size(); i++) {
            float[] part = soft(parts.get(i));
            System.arraycopy(part, 0, all, at, part.length);
            if (i + 1 < parts.size()) {
                fill(all, at + part.length, at + part.length + between, parts.get(i));
            }
            at += part.length + between;
        }
        return new RoomTone(all, rate);
    }

    private static float[] soft(Sound sound) {
        float[] all = sound.samples().clone();
        int fade = Math.min(all.length / 2, (int) (FADE * sound.rate()));
        for (int i = 0; i < fade; i++) {
            all[i] *= (float) i / fade;
            all[all.length - 1 - i] *= (float) i / fade;
        }
        return all;
    }

    /**
     * Fills a gap with the quietest piece of a sound, there and back so that its ends meet.
     *
     * @param from first sample
     * @param to sample after the last
     */
    public static void fill(float[] into, int from, int to, Sound of) {
        float[] piece = quietest(of);
        int fade = (int) (FADE * of.rate());
        for (int i = from; i < to && piece.length > 1; i++) {
            int at = Math.floorMod(i - from, 2 * (piece.length - 1));
            float s = piece[at < piece.length ? at : 2 * (piece.length - 1) - at];
            into[i] += s * Math.min(1, (float) Math.min(i - from + 1, to - i) / fade);
        }
    }

    private static float[] quietest(Sound sound) {
        int length = Math.min(sound.samples().length, (int) (PIECE * sound.rate()));
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int from = 0; length > 0 && from + length <= sound.samples().length; from += length / 4) {
            double power = 0;
            for (int i = from; i < from + length; i++) {
                power += sound.samples()[i] * sound.samples()[i];
            }
            if (power < least) {
                least = power;
                best = from;
            }
        }
        return Arrays.copyOfRange(sound.samples(), best, best + length);
    }

    /** As loud as all other speech. */
    public Sound evened() {
        return Evened.of(samples, rate);
    }
}
