package hitch.desk;

import hitch.core.caption.Cue;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.footage.Adjustment;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Watched;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.talk.Spoken;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.desk.task.Tasks;
import hitch.media.voice.Narrator;
import hitch.store.FirmFolder;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The open job. Edits go to the journal on one background thread, in order; when they are on the disk the new snapshot
 * appears on the interface thread.
 */
public final class Workspace implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Workspace.class);

    private final JobFolder folder;
    private final Changes changes = new Changes(this);
    private final Footage footage;
    private final Notices notices;
    private final Senses senses;
    private final SpeechAhead speech;
    private final ExecutorService edits = Executors.newSingleThreadExecutor(daemon("edits"));
    private final ShortWork shortWork;
    private final ReadOnlyObjectWrapper<Snapshot> snapshot;
    private final StillTaker stills;
    private final Learnt learnt = new Learnt();
    private final Tasks tasks = new Tasks(Platform::runLater);
    private final ClipWatch watch;
    private final WallWatch walls;
    private final FirmBook firm;
    private volatile Job latest;
    private volatile Adjustment preview;
    private volatile boolean asRecorded;

    public Workspace(JobFolder folder, Notices notices, Senses senses, FirmFolder firm) {
        this.folder = folder;
        this.senses = senses;
        this.speech = new SpeechAhead();
        this.footage = new Footage(folder.folder());
        this.notices = notices;
        this.shortWork = new ShortWork(notices);
        this.latest = folder.job();
        this.snapshot = new ReadOnlyObjectWrapper<>(learnt.reckon(folder.history()));
        folder.notices().forEach(notices::say);
        // A still that an undo or a crash left out is taken again.
        stills = new StillTaker(this);
        snapshot.get().job().findings().forEach(stills::take);
        watch = new ClipWatch(this);
        walls = new WallWatch(this);
        this.firm = new FirmBook(firm, this);
    }

    static java.util.concurrent.ThreadFactory daemon(String name) {
        return work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /** Tries an adjustment on whatever is shown, without keeping it; null to stop. */
    public void preview(Adjustment adjustment) {
        preview = adjustment;
    }

    /** Shows footage as recorded, whatever the adjustments. */
    public void asRecorded(boolean on) {
        asRecorded = on;
    }

    public boolean isAsRecorded() {
        return asRecorded;
    }

    /** How a frame is looked at on the screen; may be asked from any thread. */
    public Adjustment adjustmentAt(FrameRef frame) {
        Adjustment tried = preview;
        if (asRecorded || tried != null) {
            return asRecorded ? Adjustment.NONE : tried;
        }
        return latest.adjustmentsOf(frame.clip()).at(frame.pts());
    }

    /** The look through the clips. */
    public ClipWatch clips() {
        return watch;
    }

    /** The walls along the clips. */
    public WallWatch walls() {
        return walls;
    }

    /** A clip has been looked through: the survey is reckoned again with what was found. */
    void looked(ClipId clip, Watched found) {
        if (learnt.looked(clip, found) && !edits.isShutdown()) {
            change(folder::history);
        }
    }

    /** A commentary has been read: the survey is reckoned again with what was said against it. */
    public void heard(List<Cue> cues, Spoken.All said) {
        if (learnt.heard(cues, said) && !edits.isShutdown()) {
            change(folder::history);
        }
    }

    public ReadOnlyObjectProperty<Snapshot> snapshotProperty() {
        return snapshot.getReadOnlyProperty();
    }

    public Snapshot now() {
        return snapshot.get();
    }

    public JobFolder folder() {
        return folder;
    }

    public Footage footage() {
        return footage;
    }

    /** Who speaks to a recipient, as the firm chose; what is spoken is kept in the job. */
    public Narrator narrator(Recipient to) {
        return firm.voicesProperty().get().narrator(senses.voice(), folder.speech(), to);
    }

    /** What is spoken and heard with. */
    public Senses senses() {
        return senses;
    }

    /** What is spoken before anybody waits for it. */
    public SpeechAhead speech() {
        return speech;
    }

    public Notices notices() {
        return notices;
    }

    /** Rises each time a still has been taken, so that pictures of findings can be shown. */
    public ReadOnlyLongProperty stillsTakenProperty() {
        return stills.takenProperty();
    }

    /** Makes a change, and shows the job as it is then. */
    public CompletableFuture<Void> apply(Edit edit) {
        return change(() -> folder.apply(edit));
    }

    /**
     * Makes the edit that {@code make} gives for the job as it is by then; none where it gives none. Edits of one thing in
     * quick succession add up, which they would not if each were made from what the screen showed.
     */
    public CompletableFuture<Void> edit(Function<Job, Optional<? extends Edit>> make) {
        return change(() -> {
            Optional<? extends Edit> edit = make.apply(folder.job());
            return edit.isPresent() ? folder.apply(edit.get()) : folder.history();
        });
    }

    /** The changes that are made often, each in a word. */
    public Changes changes() {
        return changes;
    }

    /** Keeps what happened to what was handed over; undo does not reach it. */
    public CompletableFuture<Void> handed(Deed deed) {
        return change(() -> folder.handed(deed));
    }

    /** Who works here: the reviewer of the job, else whoever is signed in to this machine. */
    public String who() {
        String reviewer = now().survey().facts().reviewer();
        return reviewer.isBlank() ? System.getProperty("user.name", "") : reviewer;
    }

    public CompletableFuture<Void> undo() {
        return change(folder::undo);
    }

    public CompletableFuture<Void> redo() {
        return change(folder::redo);
    }

    private CompletableFuture<Void> change(Callable<JobHistory> how) {
        CompletableFuture<Void> shown = new CompletableFuture<>();
        edits.execute(() -> {
            try {
                Snapshot next = learnt.reckon(how.call());
                latest = next.job();
                Platform.runLater(() -> {
                    snapshot.set(next);
                    next.job().findings().forEach(stills::take);
                    shown.complete(null);
                });
            } catch (StoreException e) {
                LOG.error("an edit could not be saved", e);
                notices.say(e.getMessage());
                shown.completeExceptionally(e);
            } catch (Exception e) {
                LOG.error("an edit failed", e);
                notices.say("That change could not be made; the job is as it was. The log tells more.");
                shown.completeExceptionally(e);
            }
        });
        return shown;
    }

    /** The firm whose job it is. */
    public FirmBook firm() {
        return firm;
    }

    /** The board of long work. */
    public Tasks tasks() {
        return tasks;
    }

    /** Puts a long work on the board; trouble, and that it was stopped, become notices. */
    public <T> Task longWork(String name, Rank rank, Tasks.Work<T> work, Consumer<T> then) {
        return tasks.run(
                name,
                rank,
                work,
                new Tasks.After<>(then, notices::say, () -> notices.say(name + ": stopped. Nothing was changed.")));
    }

    /** Does short {@code work} off the interface thread and hands its result back on it; trouble becomes a notice. */
    public <T> void inBackground(Callable<T> work, Consumer<T> then) {
        shortWork.run(work, then);
    }

    /** Where the still of a finding is or will be. */
    public Path still(Finding finding) {
        return folder.still(finding);
    }

    /** Finishes what was asked and closes the job. */
    @Override
    public void close() {
        speech.close();
        tasks.close();
        edits.close();
        shortWork.close();
        try {
            folder.close();
        } catch (StoreException e) {
            LOG.warn("the job could not be closed cleanly", e);
        }
    }
}
