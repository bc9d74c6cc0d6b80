package hitch.desk;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.store.Footage;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Decodes frames on a thread of its own. Only the latest wish counts: one not begun is dropped for a newer one. */
final class FrameFeed implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(FrameFeed.class);

    /** A decoded frame, or why there is none. */
    record Shown(Clip clip, FrameIndex index, int number, Picture picture, String trouble) {}

    private record Wish(Clip clip, int number) {}

    private final Footage footage;
    private final Consumer<Shown> show;
    private final Thread thread = new Thread(this::run, "frames");
    private Wish wish;
    private boolean closed;
    private FrameReader reader;
    private Clip readerClip;

    FrameFeed(Footage footage, Consumer<Shown> show) {
        this.footage = footage;
        this.show = show;
        thread.setDaemon(true);
        thread.start();
    }

    synchronized void ask(Clip clip, int number) {
        wish = new Wish(clip, number);
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

    private void run() {
        try {
            for (Wish next = await(); next != null; next = await()) {
                Shown shown = decode(next);
                Platform.runLater(() -> show.accept(shown));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            closeReader();
        }
    }

    private Shown decode(Wish next) {
        try {
            FrameIndex index = footage.index(next.clip());
            if (!next.clip().equals(readerClip)) {
                closeReader();
                reader = footage.reader(next.clip(), PictureShape.FOR_SCREEN);
                readerClip = next.clip();
            }
            int number = Math.clamp(next.number(), 0, index.count() - 1);
            return new Shown(next.clip(), index, number, reader.frame(number), "");
        } catch (MediaException e) {
            LOG.warn("a frame could not be shown", e);
            return new Shown(next.clip(), null, 0, null, e.getMessage());
        }
    }

    private void closeReader() {
        if (reader != null) {
            reader.close();
            reader = null;
            readerClip = null;
        }
    }

    @Override
    public void close() {
        synchronized (this) {
            closed = true;
            wish = null;
            notifyAll();
        }
    }
}
