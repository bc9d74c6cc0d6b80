package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.store.Footage;
import hitch.store.intake.ClipOrder;
import hitch.store.intake.FootageFiles;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Takes in footage files and folders, one after another, and puts them in the order they were recorded. */
final class ClipIntake {
    private final Context desk;
    private final Consumer<String> doing;
    private final Consumer<List<Clip>> then;
    private CompletableFuture<Void> last = CompletableFuture.completedFuture(null);
    private int waiting;
    private final List<Clip> added = new ArrayList<>();

    /**
     * @param doing told what is being done; an empty text when all is done
     * @param then told what came in, once all of it is in
     */
    ClipIntake(Context desk, Consumer<String> doing, Consumer<List<Clip>> then) {
        this.desk = desk;
        this.doing = doing;
        this.then = then;
    }

    /** One that cannot be read is named and the others still come in. */
    void add(List<File> dropped) {
        desk.work()
                .inBackground(
                        () -> FootageFiles.among(
                                dropped.stream().map(File::toPath).toList()),
                        files -> {
                            if (files.isEmpty()) {
                                desk.work()
                                        .notices()
                                        .say(
                                                "There is no footage and no photograph in what was dropped; nothing was added.");
                            }
                            waiting += files.size();
                            files.forEach(this::read);
                        });
    }

    private void read(Path file) {
        Task task = desk.work()
                .longWork(
                        "Taking in " + file.getFileName(),
                        Rank.AWAITED,
                        progress -> desk.work()
                                .footage()
                                .read(file, desk.work().folder().job(), progress),
                        this::take);
        task.shareProperty()
                .addListener(
                        (o, was, share) -> doing.accept(task.doingProperty().get()
                                + String.format(Locale.ROOT, ", %.0f %%", share.doubleValue() * 100)));
        task.stateProperty().addListener((o, was, is) -> {
            if (is.isOver()) {
                // What the task gave is taken first.
                Platform.runLater(this::oneDone);
            }
        });
    }

    private void take(Footage.Taken taken) {
        Clip clip = taken.clip();
        boolean known = desk.work().now().job().clip(clip.id()).isPresent();
        last = desk.work().apply(new Edit.PutClip(clip));
        last.thenRun(() -> {
            if (desk.player().clipProperty().get() == null) {
                desk.player().seek(clip, 0);
            }
        });
        if (!known) {
            added.add(clip);
        }
        String what = known
                ? clip.fileName() + " was in the job already; it is known by its fingerprint."
                : clip.fileName() + " was added: "
                        + (clip.photo() ? "a photograph. Say on Load what it shows." : clip.frames() + " frames.");
        desk.work().notices().say(taken.note().isEmpty() ? what : taken.note());
    }

    private void oneDone() {
        waiting--;
        if (waiting == 0) {
            doing.accept("");
            // After the last clip's own edit, which is already on its way.
            Platform.runLater(this::order);
        }
    }

    private void order() {
        List<Clip> fresh = List.copyOf(added);
        added.clear();
        if (fresh.isEmpty()) {
            return;
        }
        // Edits are carried out in the order that they were asked for: behind this one all clips are in.
        ClipOrder.of(desk.work().now().job(), fresh, desk.work().footage())
                .map(order -> desk.work().apply(order))
                .orElse(last)
                .thenRun(() -> Platform.runLater(() -> then.accept(fresh)));
    }
}
