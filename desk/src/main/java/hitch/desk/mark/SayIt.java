package hitch.desk.mark;

import hitch.core.caption.SoundAlikes;
import hitch.desk.Context;
import hitch.desk.record.Recorder;
import hitch.media.MediaException;
import hitch.media.ears.Ears;
import hitch.media.ears.Heard;
import hitch.media.voice.Sound;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A note that is spoken while a key is held: written down when it is let go, and then read like one that was typed. */
final class SayIt {
    private static final Logger LOG = LoggerFactory.getLogger(SayIt.class);
    /** A shorter press says nothing, seconds. */
    private static final double SHORTEST = 0.3;

    private final Context desk;
    private final NoteLine notes;
    private Recorder recorder;
    private Ears ears;

    SayIt(Context desk, NoteLine notes) {
        this.desk = desk;
        this.notes = notes;
    }

    /** The key went down: listens; again while it is held it does nothing. */
    void hold() {
        if (recorder != null) {
            return;
        }
        notes.listening(true);
        recorder = new Recorder(desk.work().senses().microphone().get(), (level, seconds) -> {});
        CompletableFuture<Sound> said = recorder.start();
        said.whenComplete((sound, trouble) -> Platform.runLater(() -> {
            if (trouble != null || sound.samples().length == 0) {
                notes.listening(false);
                desk.work().notices().say("There is no microphone to speak to here; type the note in its place.");
            } else {
                write(sound);
            }
        }));
    }

    /** The key may come up wherever in the window the hand then is. */
    void followKeysOf(Node bench) {
        EventHandler<KeyEvent> up = e -> letGo();
        bench.sceneProperty().addListener((o, was, is) -> {
            if (was != null) {
                was.removeEventFilter(KeyEvent.KEY_RELEASED, up);
            }
            if (is != null) {
                is.addEventFilter(KeyEvent.KEY_RELEASED, up);
            }
        });
    }

    /** The key came up: what was said is written down. */
    void letGo() {
        if (recorder != null) {
            recorder.stop();
            recorder = null;
        }
    }

    private void write(Sound sound) {
        if (sound.seconds() < SHORTEST) {
            notes.listening(false);
            return;
        }
        desk.work().inBackground(() -> heard(sound), heard -> {
            notes.listening(false);
            if (heard.text().isBlank()) {
                desk.work()
                        .notices()
                        .say("Nothing was understood. Hold the key, speak, and let it go when you have done.");
            } else {
                notes.said(SoundAlikes.mended(heard.text().strip()).replaceAll("[.]$", ""));
            }
        });
    }

    /** Opened once and kept: it takes a second. */
    private synchronized Heard heard(Sound sound) throws MediaException {
        if (ears == null) {
            ears = desk.work().senses().ears().open();
        }
        return ears.hear(sound);
    }

    /** Lets the ears go; they take memory as long as they are open. */
    void close() {
        letGo();
        shut();
    }

    private synchronized void shut() {
        if (ears == null) {
            return;
        }
        try {
            ears.close();
        } catch (MediaException e) {
            LOG.warn("the ears could not be closed", e);
        }
        ears = null;
    }
}
