package hitch.desk.play;

import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.desk.play.FrameFeed.Way;
import hitch.media.clip.Picture;
import hitch.store.Footage;
import java.util.Optional;
import java.util.function.Function;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The footage on show. What {@link #shownProperty} tells is the frame really on the screen, never one still being
 * decoded. It runs by one clock and drops pictures rather than fall behind.
 */
public final class Player implements AutoCloseable {
    /** From this speed on, keyframes stand in for frames that would take long to decode. */
    private static final double FAST = 4;

    /**
     * The frame on the screen.
     *
     * @param number counted from 0 in presentation order
     * @param picture as it is looked at
     * @param adjustment what was done to it for that
     */
    public record Frame(Clip clip, FrameIndex index, int number, Picture picture, Adjustment adjustment) {
        public FrameRef ref() {
            return new FrameRef(clip.id(), picture.pts());
        }

        /** Seconds into the clip; for display. */
        public double seconds() {
            return clip.secondsInto(picture.pts());
        }
    }

    private final PlayClock clock;
    private final FrameFeed feed;
    private final SoundFollower sound;
    private final ReadOnlyObjectWrapper<Frame> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper speed = new ReadOnlyDoubleWrapper(1);
    private final ReadOnlyObjectWrapper<Loop> loop = new ReadOnlyObjectWrapper<>();
    private final ObjectProperty<Clip> clip = new SimpleObjectProperty<>();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long nanos) {
            tick();
        }
    };
    private int wanted;
    private double pending = -1;

    public Player(Footage footage, Function<FrameRef, Adjustment> adjustments, Speaker speaker) {
        this(footage, adjustments, speaker, new PlayClock(System::nanoTime));
    }

    Player(Footage footage, Function<FrameRef, Adjustment> adjustments, Speaker speaker, PlayClock clock) {
        this.clock = clock;
        feed = new FrameFeed(footage, adjustments, this::show);
        sound = new SoundFollower(clock, footage, speaker);
        playing.addListener((o, was, is) -> {
            clock.run(is);
            if (is) {
                timer.start();
            } else {
                timer.stop();
            }
        });
    }

    public ReadOnlyObjectProperty<Frame> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    public Optional<Frame> shown() {
        return Optional.ofNullable(shown.get());
    }

    /** Why there is no picture; empty while there is one. */
    public ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    public ObjectProperty<Clip> clipProperty() {
        return clip;
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    /** Footage seconds in a second, negative for backward: one of {@link Speeds}. */
    public ReadOnlyDoubleProperty speedProperty() {
        return speed.getReadOnlyProperty();
    }

    /** The stretch that is repeated; null for none. */
    public ReadOnlyObjectProperty<Loop> loopProperty() {
        return loop.getReadOnlyProperty();
    }

    /** What the sound does, in words: heard, silent at this speed, no device. */
    public ReadOnlyStringProperty soundProperty() {
        return sound.stateProperty();
    }

    public BooleanProperty mutedProperty() {
        return sound.mutedProperty();
    }

    public void setSpeed(double to) {
        speed.set(to);
        clock.speed(to);
    }

    public void togglePlaying() {
        if (!playing.get() && atItsEnd()) {
            seek(clip.get(), speed.get() > 0 ? 0 : clip.get().seconds());
        }
        playing.set(!playing.get() && clip.get() != null);
    }

    private boolean atItsEnd() {
        int end = shown().map(f -> speed.get() > 0 ? f.index().count() - 1 : 0).orElse(-1);
        return shown().map(f -> f.number() == end).orElse(false);
    }

    /** First call: the loop begins here. Second: it ends here and plays. Third: no loop. */
    public void toggleLoop() {
        Frame now = shown.get();
        Loop old = loop.get();
        if (now == null || old != null && old.isWhole()) {
            loop.set(null);
        } else if (old == null || !old.clip().equals(now.clip().id())) {
            loop.set(new Loop(now.clip().id(), now.seconds(), Double.POSITIVE_INFINITY));
        } else {
            double here = now.seconds();
            double least = 2 / now.index().rate();
            Loop whole = new Loop(
                    old.clip(), Math.min(old.from(), here), Math.max(Math.max(old.from(), here), old.from() + least));
            loop.set(whole);
            seek(now.clip(), whole.from());
            playing.set(true);
        }
    }

    /** Shows the frame of {@code of} that is on show {@code seconds} after its first. */
    public void seek(Clip of, double seconds) {
        ask(of, frameAt(of, seconds), Way.EXACT);
        clock.leap(seconds);
    }

    /** As {@link #seek}, while the hand moves: something near at once, the exact frame when it rests. */
    public void scrub(Clip of, double seconds) {
        playing.set(false);
        ask(of, frameAt(of, seconds), Way.SCRUB);
        clock.leap(seconds);
    }

    /** Shows exactly the frame {@code ref} of {@code of}. */
    public void seek(Clip of, FrameRef ref) {
        playing.set(false);
        // Half a tick in, so that rounding to seconds cannot fall onto the frame before.
        seek(of, of.secondsInto(ref.pts()) + 0.5 * of.base().seconds(1));
    }

    /** Shows the frame again, since it is looked at in another way now. */
    public void refresh() {
        if (clip.get() != null) {
            ask(clip.get(), wanted, Way.EXACT);
        }
    }

    private int frameAt(Clip of, double seconds) {
        Frame now = shown.get();
        if (now != null && now.clip().id().equals(of.id())) {
            pending = -1;
            return now.index().numberAt(of.firstPts() + of.base().ticks(seconds));
        }
        // Until the clip is indexed, its average rate; the exact frame follows once it is shown.
        pending = seconds;
        return (int) Math.floor(seconds * of.frames() / of.seconds());
    }

    /** Goes {@code frames} frames on, or back where negative. */
    public void step(int frames) {
        playing.set(false);
        if (clip.get() != null) {
            ask(clip.get(), Math.clamp(wanted + frames, 0, clip.get().frames() - 1), Way.EXACT);
        }
    }

    private void ask(Clip of, int number, Way way) {
        clip.set(of);
        sound.clip(of);
        wanted = Math.clamp(number, 0, of.frames() - 1);
        feed.ask(of, wanted, way);
    }

    private void show(FrameFeed.Shown next) {
        trouble.set(next.trouble());
        if (next.picture() == null) {
            playing.set(false);
            shown.set(null);
            return;
        }
        Clip of = next.clip();
        if (pending >= 0 && of.equals(clip.get())) {
            int exact = next.index().numberAt(of.firstPts() + of.base().ticks(pending));
            pending = -1;
            if (exact != next.number()) {
                ask(of, exact, Way.EXACT);
                return;
            }
        }
        if (of.equals(clip.get())) {
            shown.set(new Frame(of, next.index(), next.number(), next.picture(), next.adjustment()));
            if (!playing.get()) {
                clock.leap(of.secondsInto(next.picture().pts()));
            }
        }
    }

    private void tick() {
        Frame now = shown.get();
        if (now == null) {
            return;
        }
        double at = clock.position();
        Loop around = loop.get();
        boolean looping = around != null
                && around.isWhole()
                && around.clip().equals(now.clip().id());
        if (looping && (at >= around.to() || at < around.from())) {
            at = speed.get() > 0 ? around.from() : around.to();
            clock.leap(at);
        }
        int next =
                now.index().numberAt(now.clip().firstPts() + now.clip().base().ticks(at));
        if (next != wanted) {
            ask(now.clip(), next, Math.abs(speed.get()) >= FAST ? Way.QUICK : Way.EXACT);
        }
        if (!looping && (at >= now.clip().seconds() || at < 0)) {
            playing.set(false);
            ask(now.clip(), next, Way.EXACT);
        }
    }

    @Override
    public void close() {
        timer.stop();
        sound.close();
        feed.close();
    }
}
