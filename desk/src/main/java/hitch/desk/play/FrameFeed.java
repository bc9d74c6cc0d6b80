package hitch.desk.play;

import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.draw.Adjuster;
import hitch.store.Footage;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Decodes frames on a thread of its own. Only the latest wish counts: one not begun is dropped for a newer one. */
final class FrameFeed implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(FrameFeed.class);
    /** Frames between a keyframe and the wanted frame that are decoded without giving the keyframe first. */
    private static final int QUICK = 6;
    /** How long the hand must rest before the exact frame is decoded, ms. */
    private static final long REST = 60;

    /** How a frame is wanted. */
    enum Way {
        /** That very frame. */
        EXACT,
        /** The nearest keyframe at once, that very frame when no other wish follows. */
        SCRUB,
        /** Whatever is quick near it. */
        QUICK
    }

    /** A decoded frame, or why there is none. */
    record Shown(Clip clip, FrameIndex index, int number, Picture picture, Adjustment adjustment, String trouble) {}

    private record Wish(Clip clip, int number, Way way) {}

    private final Footage footage;
    private final Function<FrameRef, Adjustment> adjustments;
    private final Consumer<Shown> show;
    private final Thread thread = new Thread(this::run, "frames");
    private Wish wish;
    private boolean closed;
    private FrameReader reader;
    private Clip readerClip;

    FrameFeed(Footage footage, Function<FrameRef, Adjustment> adjustments, Consumer<Shown> show) {
        this.footage = footage;
        this.adjustments = adjustments;
        this.show = show;
        thread.setDaemon(true);
        thread.start();
    }

    synchronized void ask(Clip clip, int number, Way way) {
        wish = new Wish(clip, number, way);
        notifyAll();
    }

    private synchronized Wish await() throws InterruptedException {
        while (wish == null && !closed) {
            wait();
        }
        Wish taken = wish;
        wish = null;
        return taken;
    }

    /** Waits for the hand to rest; true where no newer wish came meanwhile. */
    private synchronized boolean rests() throws InterruptedException {
        if (wish == null && !closed) {
            wait(REST);
        }
        return wish == null && !closed;
    }

    private void run() {
        try {
            for (Wish next = await(); next != null; next = await()) {
                boolean first = give(next);
                if (!first && next.way() == Way.SCRUB && rests()) {
                    give(new Wish(next.clip(), next.number(), Way.EXACT));
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            closeReader();
        }
    }

    /** Shows what was wished; false where only a frame near it was shown. */
    private boolean give(Wish next) {
        try {
            FrameIndex index = footage.index(next.clip());
            if (!next.clip().equals(readerClip)) {
                closeReader();
                reader = footage.reader(next.clip(), PictureShape.FOR_SCREEN);
                readerClip = next.clip();
            }
            int number = Math.clamp(next.number(), 0, index.count() - 1);
            int key = index.keyBefore(number);
            boolean near = next.way() != Way.EXACT && number - key > QUICK && !reader.isAtHand(number);
            int given = near ? key : number;
            tell(next.clip(), index, reader.frame(given));
            return !near;
        } catch (MediaException | RuntimeException e) {
            // Whatever a frame does, the feed goes on with the next.
            LOG.warn("a frame could not be shown", e);
            String why = e instanceof MediaException
                    ? e.getMessage()
                    : "This frame of " + next.clip().fileName() + " could not be shown; the others can.";
            Shown none = new Shown(next.clip(), null, 0, null, Adjustment.NONE, why);
            Platform.runLater(() -> show.accept(none));
            return true;
        }
    }

    private void tell(Clip clip, FrameIndex index, Picture stored) {
        Adjustment adjustment = adjustments.apply(new FrameRef(clip.id(), stored.pts()));
        Shown shown = new Shown(
                clip, index, index.numberAt(stored.pts()), Adjuster.apply(stored, adjustment), adjustment, "");
        Platform.runLater(() -> show.accept(shown));
    }

    private void closeReader() {
        if (reader != null) {
            reader.close();
            reader = null;
            readerClip = null;
        }
    }

    @Override
    public synchronized void close() {
        closed = true;
        wish = null;
        notifyAll();
    }
}
