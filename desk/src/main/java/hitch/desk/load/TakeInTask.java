package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.desk.Context;
import hitch.desk.task.Rank;
import hitch.desk.task.Tasks;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.intake.ClipSteps;
import hitch.store.intake.ClipSteps.Step;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Reads the counters of clips that came in and writes down what is said on them, one after another in the background. What was done is
 * kept; stopped, it goes on from there.
 */
final class TakeInTask {
    private static final Logger LOG = LoggerFactory.getLogger(TakeInTask.class);

    private final Context desk;
    private final NoteReader reader;
    private final Consumer<Boolean> running;
    private final Set<ClipId> wanted = new HashSet<>();
    private boolean on;

    /** @param running told whether it is under way */
    TakeInTask(Context desk, NoteReader reader, Consumer<Boolean> running) {
        this.desk = desk;
        this.reader = reader;
        this.running = running;
    }

    private ClipSteps steps() {
        return new ClipSteps(
                desk.work().footage(),
                desk.work().senses().listening(),
                reader,
                desk.work().firm().profileProperty().get().secondEyes());
    }

    /** Clips with something left to be done; off the interface thread. */
    List<Clip> open(Job job) {
        ClipSteps steps = steps();
        return job.clipsInUse().stream().filter(c -> steps.isOpen(c, job)).toList();
    }

    /** Begins with clips, or goes on with them; what is asked for meanwhile comes behind. */
    void begin(List<ClipId> clips) {
        wanted.addAll(clips);
        next();
    }

    private void next() {
        if (on || wanted.isEmpty()) {
            return;
        }
        on = true;
        Set<ClipId> these = Set.copyOf(wanted);
        wanted.clear();
        Job job = desk.work().now().job();
        desk.work()
                .inBackground(
                        () -> open(job).stream()
                                .filter(c -> these.contains(c.id()))
                                .toList(),
                        this::read);
    }

    private void read(List<Clip> clips) {
        if (clips.isEmpty()) {
            on = false;
            next();
            return;
        }
        running.accept(true);
        desk.work()
                .tasks()
                .run(
                        "Reading " + (clips.size() == 1 ? clips.getFirst().fileName() : clips.size() + " clips"),
                        Rank.QUIET,
                        progress -> work(clips, progress),
                        new Tasks.After<>(
                                all -> over(
                                        "What came in has been read. Runs are proposed where its clips are on none."),
                                this::over,
                                () -> stopped(
                                        "Reading is stopped. What was read is kept; Read clips on Load goes on from there.")));
    }

    private List<Clip> work(List<Clip> clips, Progress progress) throws MediaException {
        double all = clips.stream().mapToDouble(Clip::seconds).sum();
        double done = 0;
        for (Clip clip : clips) {
            double share = clip.seconds() / all;
            for (Step step : Step.values()) {
                double from = done + share * step.ordinal() / Step.values().length;
                Progress part = progress.part(from, from + share / Step.values().length);
                // What was done by hand in the meantime is not done again.
                for (Edit edit : steps().step(step, clip, desk.work().now().job(), named(step, clip, part))) {
                    apply(edit);
                }
                if (step == Step.EYES) {
                    Platform.runLater(() -> desk.work().walls().looked(clip));
                }
            }
            done += share;
        }
        return clips;
    }

    /** The next step goes on from what this one came to. */
    private void apply(Edit edit) {
        CompletableFuture<Void> made = CompletableFuture.supplyAsync(
                        () -> desk.work().apply(edit), Platform::runLater)
                .thenCompose(m -> m);
        try {
            made.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException("stopped while reading clips");
        } catch (ExecutionException e) {
            // The window has said why it was not made; the next step does without.
            LOG.debug("not made: {}", edit.words(), e);
        }
    }

    private static Progress named(Step step, Clip clip, Progress part) {
        return (share, doing) -> part.at(share, step.words() + " " + clip.fileName());
    }

    private void stopped(String words) {
        wanted.clear();
        over(words);
    }

    private void over(String words) {
        on = false;
        running.accept(false);
        desk.work().notices().say(words);
        next();
    }
}
