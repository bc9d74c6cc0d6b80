package hitch.desk.play;

import hitch.core.footage.Clip;
import hitch.media.MediaException;
import hitch.media.clip.SoundReader;
import hitch.media.voice.TimeStretch;
import hitch.store.Footage;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Lets the clip's sound follow the clock. It is heard forward between half and double speed with its pitch kept; at other
 * speeds, and where there is no device, it is silent and nothing else changes.
 */
final class SoundFollower implements AutoCloseable {
    static final double SLOWEST = 0.5;
    static final double FASTEST = 2;

    private static final Logger LOG = LoggerFactory.getLogger(SoundFollower.class);
    /** Footage read at a time, seconds. */
    private static final double CHUNK = 0.1;
    /** Sound kept ahead in the device, seconds. */
    private static final double AHEAD = 0.15;
    /** Farther from the clock than this, sound is placed anew, seconds. */
    private static final double MOST_DRIFT = 0.08;

    private static final long REST_MS = 15;

    private final PlayClock clock;
    private final Footage footage;
    private final Speaker speaker;
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final BooleanProperty muted = new SimpleBooleanProperty();
    private final Thread thread = new Thread(this::run, "sound");
    private volatile Clip clip;
    private volatile boolean silent;
    private volatile boolean closed;
    private String said = "";
    private SoundReader reader;
    private Clip readerClip;

    SoundFollower(PlayClock clock, Footage footage, Speaker speaker) {
        this.clock = clock;
        this.footage = footage;
        this.speaker = speaker;
        muted.addListener((o, was, is) -> silent = is);
        thread.setDaemon(true);
        thread.start();
    }

    ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    BooleanProperty mutedProperty() {
        return muted;
    }

    void clip(Clip of) {
        clip = of;
    }

    private void run() {
        try {
            while (!closed) {
                if (wanted()) {
                    follow();
                } else {
                    Thread.sleep(REST_MS);
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            closeReader();
            speaker.close();
        }
    }

    private boolean wanted() {
        Clip now = clip;
        double speed = clock.speed();
        String why = now == null
                ? ""
                : !now.sound()
                        ? "no sound"
                        : silent
                                ? "muted"
                                : speed < SLOWEST || speed > FASTEST
                                        ? "silent"
                                        : speaker.open() ? "sound" : "no device";
        say(why);
        return clock.isRunning() && why.equals("sound");
    }

    private void say(String words) {
        if (!words.equals(said)) {
            said = words;
            Platform.runLater(() -> state.set(words));
        }
    }

    /** Writes sound until the clock leaps, stops or runs away from it. */
    private void follow() throws InterruptedException {
        Clip now = clip;
        int turn = clock.turn();
        double speed = clock.speed();
        double next = clock.position() + 0.02;
        TimeStretch stretch = new TimeStretch(speed);
        try {
            open(now);
            while (!closed && clock.turn() == turn && now.equals(clip) && !silent && next < now.seconds()) {
                double heard = next - speed * speaker.waiting() / SoundReader.RATE;
                if (Math.abs(heard - clock.position()) > MOST_DRIFT) {
                    break;
                }
                if (speaker.waiting() > AHEAD * SoundReader.RATE) {
                    Thread.sleep(REST_MS);
                    continue;
                }
                float[] chunk = new float[(int) Math.round(CHUNK * SoundReader.RATE)];
                reader.read(now.base().seconds(now.firstPts()) + next, chunk);
                speaker.write(stretch.next(chunk));
                next += CHUNK;
            }
            if (next >= now.seconds()) {
                Thread.sleep(REST_MS);
            }
        } catch (MediaException | RuntimeException e) {
            LOG.warn("sound cannot be played", e);
            clip = null;
        }
        speaker.flush();
    }

    private void open(Clip now) throws MediaException {
        if (!now.equals(readerClip)) {
            closeReader();
            reader = SoundReader.open(footage.file(now));
            readerClip = now;
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
        closed = true;
    }
}
