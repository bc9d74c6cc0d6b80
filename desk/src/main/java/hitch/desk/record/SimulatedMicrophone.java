package hitch.desk.record;

import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.Arrays;
import java.util.function.LongSupplier;

/** Hears a sound that is known beforehand, as fast as time passes, and silence behind it: for machines without a microphone, and for tests. */
public final class SimulatedMicrophone implements Microphone {
    private final Sound sound;
    private final LongSupplier nanos;
    private long begun;
    private long given;

    /**
     * @param sound at {@link Narrator#RATE}
     * @param nanos the clock, nanoseconds
     */
    public SimulatedMicrophone(Sound sound, LongSupplier nanos) {
        this.sound = sound;
        this.nanos = nanos;
    }

    @Override
    public boolean open() {
        begun = nanos.getAsLong();
        given = 0;
        return true;
    }

    @Override
    public float[] heard() {
        long due = (long) ((nanos.getAsLong() - begun) / 1e9 * Narrator.RATE);
        int count = (int) Math.max(0, due - given);
        int there = (int) Math.clamp(sound.samples().length - given, 0, count);
        float[] out = new float[count];
        if (there > 0) {
            System.arraycopy(Arrays.copyOfRange(sound.samples(), (int) given, (int) given + there), 0, out, 0, there);
        }
        given += count;
        return out;
    }

    @Override
    public void close() {
        given = 0;
    }
}
