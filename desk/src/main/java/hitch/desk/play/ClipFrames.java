package hitch.desk.play;

import hitch.core.footage.Clip;
import hitch.desk.Workspace;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Fetches frames of one clip, one after the other; a frame that is no longer wanted when its turn comes is passed over. */
public final class ClipFrames implements AutoCloseable {
    private final Workspace work;
    private final AtomicLong wish = new AtomicLong();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(run -> {
        Thread one = new Thread(run, "frames");
        one.setDaemon(true);
        return one;
    });
    private Clip open;
    private FrameReader reader;

    public ClipFrames(Workspace work) {
        this.work = work;
    }

    /**
     * @param then told the picture, upright by its file's own word, on the interface thread
     * @param trouble told what went wrong, likewise
     */
    public void fetch(Clip clip, long pts, Consumer<Picture> then, Consumer<String> trouble) {
        long mine = wish.incrementAndGet();
        thread.execute(() -> {
            if (wish.get() != mine) {
                return;
            }
            try {
                if (!clip.equals(open)) {
                    letGo();
                    reader = work.footage().reader(clip, PictureShape.FOR_SCREEN);
                    open = clip;
                }
                Picture picture = reader.at(pts);
                Platform.runLater(() -> {
                    if (wish.get() == mine) {
                        then.accept(picture);
                    }
                });
            } catch (MediaException e) {
                Platform.runLater(() -> trouble.accept(e.getMessage()));
            }
        });
    }

    /** Nothing that was asked for is wanted any more. */
    public void forget() {
        wish.incrementAndGet();
    }

    private void letGo() {
        if (reader != null) {
            reader.close();
            reader = null;
        }
    }

    @Override
    public void close() {
        wish.incrementAndGet();
        thread.execute(this::letGo);
        thread.shutdown();
    }
}
