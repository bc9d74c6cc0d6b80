package hitch.desk.play;

import java.util.function.LongSupplier;

/** Where playing stands in the footage, by one source of time. Safe to read from any thread. */
public final class PlayClock {
    private final LongSupplier nanos;
    private boolean running;
    private double speed = 1;
    private double from;
    private long since;
    private int turn;

    /**
     * @param nanos a clock that only runs forward, nanoseconds
     */
    public PlayClock(LongSupplier nanos) {
        this.nanos = nanos;
    }

    /** Seconds into the footage now. */
    public synchronized double position() {
        return running ? from + (nanos.getAsLong() - since) / 1e9 * speed : from;
    }

    public synchronized boolean isRunning() {
        return running;
    }

    /** Footage seconds in a second; negative for backward. */
    public synchronized double speed() {
        return speed;
    }

    /** Counts the leaps: it changes whenever the position is set, or the speed, or running. */
    public synchronized int turn() {
        return turn;
    }

    public synchronized void run(boolean on) {
        setFrom(position());
        running = on;
    }

    public synchronized void speed(double to) {
        setFrom(position());
        speed = to;
    }

    /** Leaps to {@code seconds} and goes on from there. */
    public synchronized void leap(double seconds) {
        setFrom(seconds);
    }

    private void setFrom(double seconds) {
        from = seconds;
        since = nanos.getAsLong();
        turn++;
    }
}
