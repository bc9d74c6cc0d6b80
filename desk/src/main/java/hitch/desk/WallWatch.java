package hitch.desk;

import hitch.core.eyes.ClipWall;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Job;
import hitch.desk.task.Rank;
import hitch.desk.task.Tasks;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.intake.WallPage;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;

/** The walls of the job's clips that were looked along, as they were kept. */
public final class WallWatch {
    private final Workspace work;
    private final ObservableMap<ClipId, ClipWall> walls = FXCollections.observableHashMap();
    private final Set<String> asked = new HashSet<>();

    WallWatch(Workspace work) {
        this.work = work;
        work.snapshotProperty().addListener((o, was, is) -> begin(is.job().clips()));
        begin(work.now().job().clips());
    }

    /** The wall of each clip that was looked along; changed on the interface thread. */
    public ObservableMap<ClipId, ClipWall> walls() {
        return walls;
    }

    /** Looks along every clip whose counter is read and that nobody has looked along. */
    public void lookAlong() {
        List<Clip> clips = work.now().job().clipsInUse();
        work.tasks()
                .run(
                        "Looking along the wall",
                        Rank.ASKED,
                        progress -> {
                            looks(clips, progress);
                            return clips;
                        },
                        new Tasks.After<>(
                                done -> done.forEach(this::looked),
                                why -> {
                                    clips.forEach(this::looked);
                                    work.notices().say(why);
                                },
                                () -> clips.forEach(this::looked)));
    }

    private void looks(List<Clip> clips, Progress progress) throws MediaException {
        Job job = work.now().job();
        double all = clips.stream().mapToDouble(Clip::seconds).sum();
        double done = 0;
        MediaException failed = null;
        for (Clip clip : clips) {
            Progress part = progress.part(done / all, (done + clip.seconds()) / all);
            try {
                WallPage.look(work.footage(), clip, job, part);
            } catch (MediaException e) {
                // The others are looked along all the same; what went wrong is said in the end.
                failed = e;
            }
            done += clip.seconds();
        }
        if (failed != null) {
            throw failed;
        }
    }

    private void begin(List<Clip> clips) {
        clips.stream().filter(c -> asked.add(c.sha256())).forEach(this::looked);
    }

    /** A clip has been looked along: takes what was kept of it. */
    public void looked(Clip clip) {
        work.inBackground(
                () -> work.footage().shelf().wall(clip), wall -> wall.ifPresent(w -> walls.put(clip.id(), w)));
    }
}
