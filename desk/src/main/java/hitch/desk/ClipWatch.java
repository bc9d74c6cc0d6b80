package hitch.desk;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.ClipScan;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Looks through the job's clips in the background, one after another, and searches for those that were moved. What it
 * finds becomes part of the survey.
 */
public final class ClipWatch implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(ClipWatch.class);
    /** Least growth of the share that is told, so that the interface is not flooded. */
    private static final double STEP = 0.01;

    private final Workspace work;
    private final Footage footage;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(Workspace.daemon("clips"));
    private final ObservableMap<ClipId, ClipState> states = FXCollections.observableHashMap();
    private final Set<String> begun = new HashSet<>();
    private volatile boolean closed;

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

    private void begin(List<Clip> clips) {
        for (Clip clip : clips) {
            // A clip that was found elsewhere is begun again, since its file's name is another.
            if (begun.add(clip.id() + " " + clip.file())) {
                states.put(clip.id(), ClipState.WAITING);
                thread.execute(() -> look(clip));
            }
        }
    }

    private void look(Clip clip) {
        try {
            if (!Files.exists(footage.file(clip))) {
                search(clip, List.of());
                return;
            }
            ClipScan scan = footage.look(clip, progress(clip));
            Watched found = scan.watched(footage.index(clip));
            work.looked(clip.id(), found);
            set(clip, ClipState.done(found.stretches()));
        } catch (CancellationException e) {
            LOG.debug("looking through {} was called off", clip.file());
        } catch (MediaException e) {
            LOG.warn("a clip cannot be looked through", e);
            set(clip, ClipState.refused(e.getMessage()));
        } catch (RuntimeException e) {
            LOG.error("a clip cannot be looked through", e);
            set(clip, ClipState.refused("It could not be looked through; the log tells more."));
        }
    }

    /** Looks for a missing clip in {@code also} too, folders or files the user chose. */
    public void find(Clip clip, List<Path> also) {
        set(clip, ClipState.reading(0, "searching"));
        thread.execute(() -> {
            try {
                search(clip, also);
            } catch (CancellationException e) {
                LOG.debug("the search was called off");
            } catch (MediaException e) {
                set(clip, ClipState.gone(e.getMessage()));
            }
        });
    }

    private void search(Clip clip, List<Path> also) throws MediaException {
        Optional<Clip> found = footage.find(clip, work.folder().job(), also, progress(clip));
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

    private Progress progress(Clip clip) {
        double[] told = {-1};
        return (share, doing) -> {
            if (closed) {
                throw new CancellationException();
            }
            if (share - told[0] >= STEP || share < told[0]) {
                told[0] = share;
                set(clip, ClipState.reading(share, doing));
            }
        };
    }

    private void set(Clip clip, ClipState state) {
        Platform.runLater(() -> states.put(clip.id(), state));
    }

    @Override
    public void close() {
        closed = true;
        thread.shutdownNow();
    }
}
