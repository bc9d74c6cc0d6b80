package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.RecordingOrder;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.store.Footage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Takes in footage files and folders, one after another, and puts them in the order they were recorded. */
final class ClipIntake {
    /** Endings that a file in a dropped folder is taken for footage by; a file dropped itself is always tried. */
    private static final Set<String> ENDINGS = Set.of(
            "mp4", "m4v", "mov", "avi", "mpg", "mpeg", "vob", "ts", "m2ts", "mts", "mkv", "webm", "wmv", "asf", "3gp",
            "dv", "flv", "h264", "264", "jpg", "jpeg", "png");

    private static final int DEPTH = 4;

    private final Context desk;
    private final Consumer<String> doing;
    private int waiting;
    private final List<Clip> added = new ArrayList<>();

    /**
     * @param doing told what is being done; an empty text when all is done
     */
    ClipIntake(Context desk, Consumer<String> doing) {
        this.desk = desk;
        this.doing = doing;
    }

    /** One that cannot be read is named and the others still come in. */
    void add(List<File> dropped) {
        desk.work().inBackground(() -> files(dropped), files -> {
            if (files.isEmpty()) {
                desk.work()
                        .notices()
                        .say("There is no footage and no photograph in what was dropped; nothing was added.");
            }
            waiting += files.size();
            files.forEach(this::read);
        });
    }

    static List<Path> files(List<File> dropped) throws IOException {
        List<Path> files = new ArrayList<>();
        for (File one : dropped) {
            if (!one.isDirectory()) {
                files.add(one.toPath());
                continue;
            }
            try (Stream<Path> inside = Files.walk(one.toPath(), DEPTH)) {
                inside.filter(p -> Files.isRegularFile(p) && ENDINGS.contains(ending(p)))
                        .sorted()
                        .forEach(files::add);
            }
        }
        return files;
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
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
                javafx.application.Platform.runLater(this::oneDone);
            }
        });
    }

    private void take(Footage.Taken taken) {
        Clip clip = taken.clip();
        boolean known = desk.work().now().job().clip(clip.id()).isPresent();
        desk.work().apply(new Edit.PutClip(clip)).thenRun(() -> {
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
            javafx.application.Platform.runLater(this::order);
        }
    }

    private void order() {
        if (added.size() < 2) {
            added.clear();
            return;
        }
        List<Clip> fresh = List.copyOf(added);
        added.clear();
        Map<ClipId, Long> times = new HashMap<>();
        for (Clip clip : fresh) {
            times.put(clip.id(), desk.work().footage().file(clip).toFile().lastModified());
        }
        List<ClipId> order = new ArrayList<>();
        desk.work().now().job().clips().stream()
                .filter(c -> fresh.stream().noneMatch(f -> f.id().equals(c.id())))
                .forEach(c -> order.add(c.id()));
        RecordingOrder.of(fresh, times).forEach(c -> order.add(c.id()));
        desk.work().apply(new Edit.OrderClips(order));
    }
}
