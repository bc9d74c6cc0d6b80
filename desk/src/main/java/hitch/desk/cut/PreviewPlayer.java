package hitch.desk.cut;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.ClipWords;
import hitch.core.job.ShotVoice;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.OwnVoices;
import hitch.core.story.Shot;
import hitch.desk.play.Speaker;
import hitch.media.MediaException;
import hitch.media.film.FilmShape;
import hitch.media.film.FilmSound;
import hitch.media.film.ShotPreview;
import hitch.media.film.SpokenStory;
import hitch.media.film.StoryRenderer;
import hitch.media.voice.Narrator;
import hitch.store.Footage;
import java.awt.Color;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;

/**
 * Plays shots as the film will show them, with their sound, drawn as they are wanted: nothing is rendered and waited for. What is asked for last
 * is shown; the rest is broken off. A shot's words are spoken first where nobody has spoken them yet.
 */
final class PreviewPlayer implements AutoCloseable {
    static final FilmShape SHAPE = new FilmShape(960, 540, 25, 1_000_000);

    /** Sound handed to the device at a time, samples: a picture's. */
    private static final int PIECE = Narrator.RATE / SHAPE.rate();

    /** A film as far as it can be shown. */
    record Film(Disclosure may, Optional<FilmMap> map, Color cards, Narrator narrator, Footage footage) {}

    /** What is told of what is seen; called from the player's thread. */
    interface Screen {
        /** The next picture, {@code 0xRRGGBB}; a copy, which may be kept. */
        void picture(int[] rgb);

        /** A shot begins; empty when nothing plays any more. */
        void playing(Optional<String> key);

        void trouble(String words);
    }

    private final Speaker speaker;
    private final Screen screen;
    private final AtomicLong wish = new AtomicLong();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread one = new Thread(work, "preview");
        one.setDaemon(true);
        return one;
    });
    private final Map<ClipId, StoryRenderer.Source> sources = new ConcurrentHashMap<>();
    private volatile Film film;
    private Film drawn;
    private ShotPreview preview;

    PreviewPlayer(Speaker speaker, Screen screen) {
        this.speaker = speaker;
        this.screen = screen;
    }

    /** Says what is played from now on. */
    void film(Film next) {
        film = next;
    }

    /** Shows a shot at a share of its words, standing; 0 is where they begin. */
    void stand(Shot shot, double share) {
        run(mine -> {
            Cutting.Placed placed = placed(shot, Cutting.Speech.USUAL);
            show(placed, placed.voice() + share * (placed.voiceEnd() - placed.voice()));
        });
    }

    /** Plays shots one after the other. */
    void play(List<Shot> shots) {
        run(mine -> {
            for (Shot shot : shots) {
                if (wish.get() != mine) {
                    break;
                }
                screen.playing(Optional.of(shot.key()));
                play(shot, mine);
            }
            if (wish.get() == mine) {
                screen.playing(Optional.empty());
            }
        });
    }

    void stop() {
        wish.incrementAndGet();
        screen.playing(Optional.empty());
    }

    private interface Work {
        void run(long mine) throws MediaException;
    }

    private void run(Work work) {
        long mine = wish.incrementAndGet();
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> {
            if (wish.get() != mine || film == null) {
                return;
            }
            try {
                work.run(mine);
            } catch (MediaException e) {
                screen.trouble(e.getMessage());
                screen.playing(Optional.empty());
            }
        });
    }

    private Cutting.Placed placed(Shot shot, Cutting.Speech speech) {
        return Cutting.placed(
                shot,
                0,
                OwnVoices.over(speech, film.may()).of(shot),
                s -> film.may().footage().around(s.frame(), s.before(), s.after()));
    }

    private boolean show(Cutting.Placed placed, double seconds) throws MediaException {
        for (FrameRef frame : placed.shot().shown()) {
            source(frame.clip());
        }
        if (drawn != film) {
            close(preview);
            drawn = film;
            preview = new ShotPreview(drawn.may(), sources, drawn.map(), drawn.cards(), SHAPE);
        }
        Optional<int[]> picture = preview.at(placed, Math.min(seconds, placed.end() - 1e-6));
        picture.ifPresent(rgb -> screen.picture(rgb.clone()));
        return picture.isPresent();
    }

    private void source(ClipId id) throws MediaException {
        if (!sources.containsKey(id)) {
            Clip clip = film.may()
                    .source(id)
                    .orElseThrow(() -> new MediaException("The clip of this shot was left out of the job."));
            sources.put(
                    id,
                    new StoryRenderer.Source(
                            film.footage().file(clip), film.footage().clipIndex(clip)));
        }
    }

    private void play(Shot shot, long mine) throws MediaException {
        Optional<ShotVoice> own = OwnVoices.of(shot, film.may());
        SpokenStory spoken = SpokenStory.speak(own.isPresent() ? "" : shot.narration(), film.narrator());
        Cutting.Placed placed = placed(shot, spoken);
        for (FrameRef frame : shot.shown()) {
            source(frame.clip());
        }
        if (own.orElse(null) instanceof ClipWords words) {
            for (ClipWords.Part part : words.parts()) {
                source(part.clip());
            }
        }
        float[] sound = new FilmSound(
                        film.may(), spoken, sources, film.footage().recordings())
                .of(placed, 0, Math.round(placed.end() * Narrator.RATE));
        boolean heard = speaker.open();
        long begun = System.nanoTime();
        int written = 0;
        while (written < sound.length && wish.get() == mine) {
            int to = Math.min(sound.length, written + PIECE);
            if (heard) {
                speaker.write(Arrays.copyOfRange(sound, written, to));
            }
            written = to;
            // A picture belongs to what is heard, not to what waits in the device.
            double now = (double) (written - (heard ? speaker.waiting() : 0)) / Narrator.RATE;
            show(placed, Math.max(0, now));
            if (!heard) {
                LockSupport.parkNanos(begun + (long) (1e9 * written / Narrator.RATE) - System.nanoTime());
            }
        }
        if (wish.get() != mine) {
            speaker.flush();
        }
    }

    private static void close(ShotPreview preview) {
        if (preview != null) {
            preview.close();
        }
    }

    @Override
    public void close() {
        wish.incrementAndGet();
        if (thread.isShutdown()) {
            return;
        }
        thread.execute(() -> {
            close(preview);
            speaker.close();
        });
        thread.shutdown();
    }
}
