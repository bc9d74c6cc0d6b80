package hitch.media.voice;

/**
 * Makes sound longer or shorter and keeps its pitch: waveform similarity overlap-add, Verhelst and Roelands, 1993. Sound
 * is handed in piece by piece. At speed 1 it passes through unchanged.
 */
public final class TimeStretch {
    private static final int WINDOW = 1024;
    private static final int HOP = WINDOW / 2;
    /** How far the best match may lie from the ideal place, samples. */
    private static final int REACH = 320;

    private final double speed;
    private final float[] rise = new float[HOP];
    private float[] in = new float[0];
    private long inFrom;
    private double ideal;
    private float[] tail = new float[HOP];
    private long follow = -1;

    /**
     * @param speed how many times faster the sound is to run, 0.25 to 4
     */
    public TimeStretch(double speed) {
        this.speed = speed;
        for (int i = 0; i < HOP; i++) {
            // Rising and falling halves add up to one.
            rise[i] = (float) (0.5 - 0.5 * Math.cos(Math.PI * (i + 0.5) / HOP));
        }
    }

    /** Takes the next samples in and gives those that are ready; over time {@code 1/speed} as many. */
    public float[] next(float[] samples) {
        if (speed == 1) {
            return samples;
        }
        append(samples);
        float[] out = new float[0];
        while (Math.round(ideal) + REACH + WINDOW + HOP < inFrom + in.length) {
            long at = follow < 0 ? Math.round(ideal) : bestMatch(Math.round(ideal));
            float[] ready = new float[HOP];
            for (int i = 0; i < HOP; i++) {
                ready[i] = tail[i] * (1 - rise[i]) + sample(at + i) * rise[i];
                tail[i] = sample(at + HOP + i);
            }
            follow = at + HOP;
            ideal += HOP * speed;
            out = joined(out, ready);
            drop();
        }
        return out;
    }

    /** Where near {@code place} the input looks most like what would follow the piece laid last. */
    private long bestMatch(long place) {
        long best = place;
        double most = Double.NEGATIVE_INFINITY;
        for (long at = Math.max(inFrom, place - REACH); at <= place + REACH; at += 2) {
            double likeness = 0;
            for (int i = 0; i < HOP; i += 4) {
                likeness += sample(at + i) * sample(follow + i);
            }
            if (likeness > most) {
                most = likeness;
                best = at;
            }
        }
        return best;
    }

    private float sample(long at) {
        int i = (int) (at - inFrom);
        return i < 0 || i >= in.length ? 0 : in[i];
    }

    private void append(float[] samples) {
        in = joined(in, samples);
    }

    private void drop() {
        int old = (int) (Math.min(Math.round(ideal) - REACH, follow) - HOP - inFrom);
        if (old > WINDOW * 8) {
            in = java.util.Arrays.copyOfRange(in, old, in.length);
            inFrom += old;
        }
    }

    private static float[] joined(float[] a, float[] b) {
        float[] both = java.util.Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, both, a.length, b.length);
        return both;
    }
}
