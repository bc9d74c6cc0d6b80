package hitch.desk.record;

import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BiConsumer;

/** Records from a microphone until it is stopped. */
public final class Recorder {
    /** How often the microphone is asked, nanoseconds. */
    private static final long ASKED = 40_000_000;
    /** Nobody reads one paragraph for longer, seconds. */
    private static final double MOST = 300;

    private final Microphone microphone;
    private final BiConsumer<Double, Double> heard;
    private volatile boolean stopped;

    /**
     * @param heard told how loud it just was, 0 to 1, and how many seconds there are; from another thread
     */
    public Recorder(Microphone microphone, BiConsumer<Double, Double> heard) {
        this.microphone = microphone;
        this.heard = heard;
    }

    /** Begins; empty sound where there is no microphone. */
    public CompletableFuture<Sound> start() {
        CompletableFuture<Sound> done = new CompletableFuture<>();
        Thread thread = new Thread(
                () -> {
                    try {
                        done.complete(run());
                    } catch (RuntimeException e) {
                        done.completeExceptionally(e);
                    }
                },
                "recording");
        thread.setDaemon(true);
        thread.start();
        return done;
    }

    private Sound run() {
        List<float[]> parts = new ArrayList<>();
        int count = 0;
        if (microphone.open()) {
            try {
                boolean last;
                do {
                    // What was heard up to the moment it was stopped belongs to it.
                    last = stopped || count > MOST * Narrator.RATE;
                    float[] part = microphone.heard();
                    parts.add(part);
                    count += part.length;
                    heard.accept(level(part), (double) count / Narrator.RATE);
                    if (!last) {
                        LockSupport.parkNanos(ASKED);
                    }
                } while (!last);
            } finally {
                microphone.close();
            }
        }
        float[] all = new float[count];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return new Sound(all, Narrator.RATE);
    }

    /** The loudest moment, on the scale of decibels that meters have: 0 at -50 dB, 1 at full. */
    private static double level(float[] part) {
        float most = 0;
        for (float s : part) {
            most = Math.max(most, Math.abs(s));
        }
        return Math.clamp(1 + 20 * Math.log10(most + 1e-9) / 50, 0, 1);
    }

    /** What was heard up to now is all. */
    public void stop() {
        stopped = true;
    }
}
