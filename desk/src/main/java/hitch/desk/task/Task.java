package hitch.desk.task;

import hitch.media.Progress;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** One long work on the board. What it shows changes on the interface thread only; it may be stopped from any. */
public final class Task implements Progress {
    /** How it stands. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED;

        public boolean isOver() {
            return this == DONE || this == STOPPED || this == FAILED;
        }
    }

    /** Least time between two tellings, nanoseconds, so that the interface is not flooded. */
    private static final long PAUSE = 100_000_000L;

    /** Share from which the time left can be told: the first moments say too little about the rest. */
    private static final double TELLING = 0.1;

    private final String name;
    private final Rank rank;
    private final Executor screen;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.WAITING);
    private final ReadOnlyDoubleWrapper share = new ReadOnlyDoubleWrapper();
    private final ReadOnlyStringWrapper doing = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper left = new ReadOnlyStringWrapper("");
    private volatile boolean stopped;
    private volatile long started;
    private volatile long told;

    Task(String name, Rank rank, Executor screen) {
        this.name = name;
        this.rank = rank;
        this.screen = screen;
    }

    /** What it is, as a person would call it: "Video for the buyer". */
    public String name() {
        return name;
    }

    public Rank rank() {
        return rank;
    }

    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Part done, 0 to 1. */
    public ReadOnlyDoubleProperty shareProperty() {
        return share.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty doingProperty() {
        return doing.getReadOnlyProperty();
    }

    /** How long it may still take, in words; empty where that cannot be told yet. */
    public ReadOnlyStringProperty leftProperty() {
        return left.getReadOnlyProperty();
    }

    /** Calls it off; it ends at its next step. */
    public void stop() {
        stopped = true;
    }

    /** Whether it was called off. */
    public boolean isStopped() {
        return stopped;
    }

    /**
     * Tells how far it is; called by the work itself.
     *
     * @throws CancellationException when it was called off
     */
    @Override
    public void at(double part, String what) {
        if (stopped) {
            throw new CancellationException(name + " was stopped");
        }
        long now = System.nanoTime();
        if (now - told < PAUSE && part < 1) {
            return;
        }
        told = now;
        String remaining = part < TELLING ? "" : TimeLeft.words((now - started) / 1e9 * (1 - part) / part);
        screen.execute(() -> {
            share.set(part);
            doing.set(what);
            left.set(remaining);
        });
    }

    void begin() {
        started = System.nanoTime();
        screen.execute(() -> state.set(State.RUNNING));
    }

    /** On the interface thread. */
    void end(State how) {
        left.set("");
        state.set(how);
    }
}
