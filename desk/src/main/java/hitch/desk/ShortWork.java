package hitch.desk;

import hitch.media.MediaException;
import hitch.store.StoreException;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Short work off the interface thread, one after another: a still, a picture, a small file. Its trouble becomes a notice. */
final class ShortWork implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(ShortWork.class);

    private final Notices notices;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread one = new Thread(work, "short work");
        one.setDaemon(true);
        return one;
    });

    ShortWork(Notices notices) {
        this.notices = notices;
    }

    /**
     * @param then gets the result on the interface thread
     */
    <T> void run(Callable<T> work, Consumer<T> then) {
        if (thread.isShutdown()) {
            // The job was left; what only the screen wanted is wanted no more.
            return;
        }
        thread.execute(() -> {
            try {
                T result = work.call();
                Platform.runLater(() -> then.accept(result));
            } catch (MediaException | StoreException e) {
                LOG.warn("background work failed", e);
                notices.say(e.getMessage());
            } catch (Exception e) {
                LOG.error("background work failed", e);
                notices.say("Something went wrong; the job is untouched. The log tells more.");
            }
        });
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}
