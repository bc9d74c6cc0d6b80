package hitch.desk;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.ClipScan;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.propose.OffRun;
import hitch.desk.task.Rank;
import hitch.desk.task.Tasks;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;

/**
 * Looks through the job's clips in the background, one after another, and searches for those that were moved. What it
 * finds becomes part of the survey.
 */
public final class ClipWatch {
    /** Least growth of the share that is told, so that the interface is not flooded. */
    private static final double STEP = 0.01;

    private final Workspace work;
    private final Footage footage;
    private final ObservableMap<ClipId, ClipState> states = FXCollections.observableHashMap();
    private final Set<String> begun = new HashSet<>();
    private final Map<ClipId, OptionalDouble> openAir = new HashMap<>();

    ClipWatch(Workspace work) {
        this.work = work;
        this.footage = work.footage();
        work.snapshotProperty().addListener((o, was, is) -> begin(is.job().clips()));
        begin(work.now().job().clips());
    }

    /** How far each clip has been read; changed on the interface thread. */
    public ObservableMap<ClipId, ClipState> states() {
        return states;
    }

    public ClipState state(Clip clip) {
        return states.getOrDefault(clip.id(), ClipState.WAITING);
    }

    /** What a clip on no run is. */
    public OffRun offRun(Clip clip) {
        OptionalDouble air = openAir.getOrDefault(clip.id(), OptionalDouble.empty());
        if (air.isEmpty()) {
            // Looked at once, its pictures stay what they are.
            air = footage.shelf()
                    .signs(clip)
                    .map(s -> OptionalDouble.of(s.openAir()))
                    .orElse(air);
            openAir.put(clip.id(), air);
        }
        return OffRun.of(!work.now().job().counterOf(clip.id()).marks().isEmpty(), air);
    }

    private void begin(List<Clip> clips) {
        for (Clip clip : clips) {
            // A clip that was found elsewhere is begun again, since its file's name is another.
            if (begun.add(clip.id() + " " + clip.file())) {
                states.put(clip.id(), ClipState.WAITING);
                look(clip);
            }
        }
    }

    private void look(Clip clip) {
        board(
                "Looking through " + clip.fileName(),
                Rank.QUIET,
                clip,
                "It was not looked through to its end: stopped. It is begun again when the job is next opened.",
                p -> {
                    if (!Files.exists(footage.file(clip))) {
                        search(clip, List.of(), p);
                        return;
                    }
                    ClipScan scan = footage.look(clip, p);
                    Watched found = scan.watched(footage.index(clip));
                    work.looked(clip.id(), found);
                    set(clip, ClipState.done(found.stretches()));
                });
    }

    /** Looks for a missing clip in {@code also} too, folders or files the user chose. */
    public void find(Clip clip, List<Path> also) {
        set(clip, ClipState.reading(0, "searching"));
        board(
                "Searching for " + clip.fileName(),
                Rank.AWAITED,
                clip,
                "The search was stopped. Press Find to search again.",
                p -> search(clip, also, p));
    }

    private interface Look {
        void at(Progress progress) throws MediaException;
    }

    private void board(String name, Rank rank, Clip clip, String stopped, Look look) {
        work.tasks()
                .run(
                        name,
                        rank,
                        told -> {
                            look.at(both(told, clip));
                            return clip;
                        },
                        new Tasks.After<>(
                                done -> {},
                                why -> states.put(clip.id(), ClipState.refused(why)),
                                () -> states.put(clip.id(), ClipState.gone(stopped))));
    }

    private void search(Clip clip, List<Path> also, Progress progress) throws MediaException {
        Optional<Clip> found = footage.find(clip, work.folder().job(), also, progress);
        if (found.isPresent()) {
            work.notices()
                    .say(clip.fileName() + " was found again by its fingerprint at "
                            + footage.file(found.get()).toAbsolutePath() + ".");
            work.apply(new Edit.PutClip(found.get()));
        } else {
            set(
                    clip,
                    ClipState.gone(clip.fileName() + " is not at "
                            + footage.file(clip).toAbsolutePath()
                            + ", and no file beside the job has its fingerprint. Its findings and stills are kept. "
                            + "Press Find and choose the folder it lies in now."));
        }
    }

    /** Tells the board and the clip's own row. */
    private Progress both(Progress board, Clip clip) {
        double[] told = {-1};
        return (share, doing) -> {
            board.at(share, doing);
            if (share - told[0] >= STEP || share < told[0]) {
                told[0] = share;
                set(clip, ClipState.reading(share, doing));
            }
        };
    }

    private void set(Clip clip, ClipState state) {
        Platform.runLater(() -> states.put(clip.id(), state));
    }
}
