package hitch.desk;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.media.clip.Picture;
import hitch.store.Footage;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
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
    /**
     * The frame on the screen.
     *
     * @param number counted from 0 in presentation order
     */
    public record Frame(Clip clip, FrameIndex index, int number, Picture picture) {
        public FrameRef ref() {
            return new FrameRef(clip.id(), picture.pts());
        }

        /** Seconds into the clip; for display. */
        public double seconds() {
            return clip.secondsInto(picture.pts());
        }
    }

    private final FrameFeed feed;
    private final ReadOnlyObjectWrapper<Frame> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper("");
    private final ObjectProperty<Clip> clip = new SimpleObjectProperty<>();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long nanos) {
            tick(nanos);
        }
    };
    private int wanted;
    private long startNanos = -1;
    private double startSeconds;

    public Player(Footage footage) {
        feed = new FrameFeed(footage, this::show);
        playing.addListener((o, was, is) -> {
            startNanos = -1;
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

    public void togglePlaying() {
        boolean atEnd = shown().map(f -> f.number() == f.index().count() - 1).orElse(false);
        if (!playing.get() && atEnd) {
            seek(clip.get(), 0);
        }
        playing.set(!playing.get() && clip.get() != null);
    }

    /** Shows the frame of {@code of} that is on show {@code seconds} after its first. */
    public void seek(Clip of, double seconds) {
        ask(of, frameAt(of, seconds));
        startNanos = -1;
        startSeconds = seconds;
    }

    /** Shows exactly the frame {@code ref} of {@code of}. */
    public void seek(Clip of, FrameRef ref) {
        playing.set(false);
        // Half a tick in, so that rounding to seconds cannot fall onto the frame before.
        ask(of, frameAt(of, of.secondsInto(ref.pts()) + 0.5 * of.base().seconds(1)));
    }

    private int frameAt(Clip of, double seconds) {
        Frame now = shown.get();
        if (now != null && now.clip().id().equals(of.id())) {
            return now.index().numberAt(of.firstPts() + of.base().ticks(seconds));
        }
        // Until the clip is indexed, its average rate; the exact frame follows once it is shown.
        pending = seconds;
        return (int) Math.floor(seconds * of.frames() / of.seconds());
    }

    private double pending = -1;

    /** Goes {@code frames} frames on, or back where negative. */
    public void step(int frames) {
        playing.set(false);
        if (clip.get() != null) {
            ask(clip.get(), Math.clamp(wanted + frames, 0, clip.get().frames() - 1));
        }
    }

    private void ask(Clip of, int number) {
        clip.set(of);
        wanted = Math.clamp(number, 0, of.frames() - 1);
        feed.ask(of, wanted);
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
                ask(of, exact);
                return;
            }
        }
        if (of.equals(clip.get())) {
            shown.set(new Frame(of, next.index(), next.number(), next.picture()));
        }
    }

    private void tick(long nanos) {
        Frame now = shown.get();
        if (now == null) {
            return;
        }
        if (startNanos < 0) {
            startNanos = nanos;
            startSeconds = now.seconds();
        }
        double at = startSeconds + (nanos - startNanos) / 1e9;
        int next =
                now.index().numberAt(now.clip().firstPts() + now.clip().base().ticks(at));
        if (next != wanted) {
            ask(now.clip(), next);
        }
        if (at >= now.clip().seconds()) {
            playing.set(false);
        }
    }

    @Override
    public void close() {
        timer.stop();
        feed.close();
    }
}
