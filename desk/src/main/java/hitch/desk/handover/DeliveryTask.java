package hitch.desk.handover;

import hitch.core.disclosure.Recipient;
import hitch.desk.Workspace;
import hitch.media.MediaException;
import hitch.media.voice.BuiltInVoice;
import hitch.store.StoreException;
import hitch.store.handover.Delivery;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One delivery being written on a thread of its own, with its progress, the time left, and a way to stop it. */
final class DeliveryTask {
    private static final Logger LOG = LoggerFactory.getLogger(DeliveryTask.class);

    final DoubleProperty share = new SimpleDoubleProperty();
    final StringProperty doing = new SimpleStringProperty("");
    final StringProperty left = new SimpleStringProperty("");
    final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper();
    private final AtomicBoolean stop = new AtomicBoolean();
    private long started;
    private long told;

    /** Begins; {@code done} gets the video on the interface thread, {@code failed} a sentence instead. */
    void start(
            Workspace work,
            Recipient recipient,
            Path out,
            java.util.function.Consumer<Path> done,
            java.util.function.Consumer<String> failed) {
        stop.set(false);
        running.set(true);
        started = System.nanoTime();
        Delivery delivery = new Delivery(
                work.now().survey(),
                work.footage(),
                BuiltInVoice.narrator(),
                Clock.systemUTC(),
                work.folder().damage());
        Thread thread = new Thread(
                () -> {
                    String trouble;
                    try {
                        Path video = delivery.write(recipient, out, this::progress);
                        Platform.runLater(() -> {
                            running.set(false);
                            done.accept(video);
                        });
                        return;
                    } catch (CancellationException e) {
                        trouble = "Stopped. Nothing was handed over; what was in " + out + " before is there still.";
                    } catch (StoreException | MediaException e) {
                        LOG.warn("a delivery failed", e);
                        trouble = e.getMessage();
                    } catch (RuntimeException e) {
                        LOG.error("a delivery failed", e);
                        trouble = "The delivery could not be made; the job is untouched. The log tells more.";
                    }
                    String sentence = trouble;
                    Platform.runLater(() -> {
                        running.set(false);
                        failed.accept(sentence);
                    });
                },
                "delivery");
        thread.setDaemon(true);
        thread.start();
    }

    void cancel() {
        stop.set(true);
    }

    private void progress(double at, String what) {
        if (stop.get()) {
            throw new CancellationException("stopped by the user");
        }
        long now = System.nanoTime();
        if (now - told < 100_000_000L && at < 1) {
            return;
        }
        told = now;
        double elapsed = (now - started) / 1e9;
        // The first moments say too little about the rest to name a time.
        String remaining = at < 0.3 ? "" : "about " + Math.max(1, Math.round(elapsed * (1 - at) / at)) + " s left";
        Platform.runLater(() -> {
            share.set(at);
            doing.set(what);
            left.set(remaining);
        });
    }
}
