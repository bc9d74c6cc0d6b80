package hitch.app;

import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.desk.play.Player;
import hitch.desk.play.Speaker;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Listener;
import hitch.media.ears.Listening;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.intake.ClipSteps;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;

/**
 * How many frames playback drops by itself, while a clip is listened to, and while one is taken in: the player of the
 * window, without a screen. A frame counts as dropped that lies between the first and the last one shown and was not
 * shown itself.
 */
final class PlaybackTimes {
    private static final double SECONDS = 40;

    private final Footage footage;
    private final JobFolder job;
    private final Listening ears;
    private final Consumer<String> say;

    /** Work that is done beside playing, once; it is begun again while the clip plays. */
    private interface Work {
        void once() throws MediaException, StoreException;
    }

    /**
     * @param job a job with footage
     * @param ears what listens
     */
    PlaybackTimes(JobFolder job, Listening ears, Consumer<String> say) {
        this.job = job;
        this.footage = new Footage(job.folder());
        this.ears = ears;
        this.say = say;
    }

    /** Starts the toolkit, plays, and ends it. */
    void run(Path scratch) throws StoreException, MediaException {
        Clip shown = longest();
        say.accept(
                "on show: " + shown.fileName() + "; beside it: " + other(shown).fileName());
        CompletableFuture<Player> made = new CompletableFuture<>();
        Platform.startup(() -> made.complete(new Player(footage, ref -> Adjustment.NONE, new Silent())));
        Player player = made.join();
        try {
            tell("by itself", player, shown, Optional.empty());
            Clip heard = other(shown);
            tell("while a clip is listened to", player, shown, Optional.of(() -> listen(heard)));
            AtomicInteger pass = new AtomicInteger();
            tell(
                    "while a clip is taken in",
                    player,
                    shown,
                    Optional.of(() -> takeIn(heard, scratch.resolve("taken-in-" + pass.incrementAndGet()))));
        } finally {
            Platform.runLater(player::close);
            Platform.exit();
        }
    }

    private Clip longest() {
        return job.job().clips().stream()
                .filter(c -> !c.photo())
                .reduce((a, b) -> b.seconds() > a.seconds() ? b : a)
                .orElseThrow();
    }

    /** Another clip with sound; the same where there is no other. */
    private Clip other(Clip shown) {
        return job.job().clips().stream()
                .filter(c -> c.sound() && !c.equals(shown))
                .findFirst()
                .orElse(shown);
    }

    private void listen(Clip clip) throws MediaException {
        Path file = footage.file(clip);
        try (Listener.Source sound = Listener.of(file, footage.clipIndex(clip))) {
            ears.listen(sound, List.of(), 0, (at, all) -> {}, Progress.NONE);
        }
    }

    /** Into a job of its own each time, for what was read of a clip is kept beside it. */
    private void takeIn(Clip clip, Path folder) throws MediaException, StoreException {
        try (JobFolder fresh = JobFolder.create(folder)) {
            Footage into = new Footage(fresh.folder());
            Clip taken = into.takeIn(footage.file(clip), fresh.job(), Progress.NONE);
            fresh.apply(new Edit.PutClip(taken));
            ClipSteps steps = new ClipSteps(into, ears, new TradeNoteReader(), true);
            for (ClipSteps.Step step : ClipSteps.Step.values()) {
                for (Edit edit : steps.step(step, taken, fresh.job(), Progress.NONE)) {
                    fresh.apply(edit);
                }
            }
        }
    }

    private void tell(String beside, Player player, Clip clip, Optional<Work> work) {
        AtomicBoolean going = new AtomicBoolean(true);
        Thread worker = new Thread(() -> work.ifPresent(w -> again(w, going)), "beside");
        worker.setDaemon(true);
        worker.start();
        TreeSet<Integer> frames = played(player, clip);
        going.set(false);
        int all = frames.isEmpty() ? 0 : frames.last() - frames.first() + 1;
        say.accept(String.format(
                Locale.ROOT,
                "playing %s: %d of %d frames shown, %.2f %% dropped",
                beside,
                frames.size(),
                all,
                all == 0 ? 100 : 100.0 * (all - frames.size()) / all));
        join(worker);
    }

    private void again(Work work, AtomicBoolean going) {
        try {
            while (going.get()) {
                work.once();
            }
        } catch (MediaException | StoreException e) {
            say.accept("  " + e.getMessage());
        }
    }

    private static void join(Thread worker) {
        try {
            worker.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** The numbers of the frames that were on show. */
    private static TreeSet<Integer> played(Player player, Clip clip) {
        TreeSet<Integer> frames = new TreeSet<>();
        CountDownLatch done = new CountDownLatch(1);
        double end = Math.min(SECONDS, clip.seconds() - 1);
        ChangeListener<Player.Frame> see = (o, was, is) -> {
            if (is == null || !is.clip().equals(clip)) {
                return;
            }
            if (player.playingProperty().get()) {
                frames.add(is.number());
            }
            if (is.seconds() >= end) {
                player.playingProperty().set(false);
                done.countDown();
            } else if (!player.playingProperty().get() && is.seconds() < 1) {
                player.playingProperty().set(true);
            }
        };
        Platform.runLater(() -> {
            player.shownProperty().addListener(see);
            player.seek(clip, 0.1);
        });
        try {
            done.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        Platform.runLater(() -> player.shownProperty().removeListener(see));
        return frames;
    }

    /** No device: playing goes on silent. */
    private static final class Silent implements Speaker {
        @Override
        public boolean open() {
            return false;
        }

        @Override
        public int waiting() {
            return 0;
        }

        @Override
        public void write(float[] samples) {
            // Nobody hears it.
        }

        @Override
        public void flush() {
            // Nothing waits.
        }

        @Override
        public void close() {
            // Nothing is open.
        }
    }
}
