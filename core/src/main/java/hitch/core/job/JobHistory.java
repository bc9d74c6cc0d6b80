package hitch.core.job;

import java.util.List;
import java.util.Optional;

/**
 * A job with the edits that led to it and those taken back. Immutable. Every state is kept, each sharing with the one
 * before all that did not change, so that undo costs nothing however long the job.
 */
public final class JobHistory {
    /**
     * An edit and all below it.
     *
     * @param edit what was done; empty for a line that could not be read
     */
    private record Step(Optional<Edit> edit, String words, Job after, Step below, int height) {
        static Step on(Step below, Optional<Edit> edit, String words, Job after) {
            return new Step(edit, words, after, below, heightOf(below) + 1);
        }

        /** The same edit with the same outcome on another stack. */
        Step movedOn(Step other) {
            return on(other, edit, words, after);
        }
    }

    public static final JobHistory EMPTY = new JobHistory(null, null, Parcels.NONE);

    private final Step done;
    private final Step undone;
    private final Parcels parcels;

    private JobHistory(Step done, Step undone, Parcels parcels) {
        this.done = done;
        this.undone = undone;
        this.parcels = parcels;
    }

    /** The history after all {@code entries} of a journal. */
    public static JobHistory of(List<Entry> entries) {
        JobHistory history = EMPTY;
        for (Entry entry : entries) {
            history = history.then(entry);
        }
        return history;
    }

    private static int heightOf(Step stack) {
        return stack == null ? 0 : stack.height();
    }

    public Job job() {
        return done == null ? Job.EMPTY : done.after();
    }

    public JobHistory then(Entry entry) {
        return switch (entry) {
            case Entry.Did did ->
                new JobHistory(
                        Step.on(done, Optional.of(did.edit()), did.edit().words(), job().with(did.edit())),
                        null,
                        parcels);
            case Entry.Lost lost -> new JobHistory(Step.on(done, Optional.empty(), lost.words(), job()), null, parcels);
            case Entry.Undid undid -> done == null ? this : new JobHistory(done.below(), done.movedOn(undone), parcels);
            case Entry.Redid redid ->
                undone == null ? this : new JobHistory(undone.movedOn(done), undone.below(), parcels);
            case Entry.Handed handed -> new JobHistory(done, undone, parcels.with(handed.deed()));
        };
    }

    /** Who got what. */
    public Parcels parcels() {
        return parcels;
    }

    /** How many edits stand. */
    public int standing() {
        return heightOf(done);
    }

    /** How many edits were taken back and can be made again. */
    public int takenBack() {
        return heightOf(undone);
    }

    /** The edit that undo would take back; empty where there is none, and where it could not be read. */
    public Optional<Edit> toUndo() {
        return done == null ? Optional.empty() : done.edit();
    }

    /** The edit that redo would make again; empty likewise. */
    public Optional<Edit> toRedo() {
        return undone == null ? Optional.empty() : undone.edit();
    }

    /** What undo would take back, in words; empty where there is nothing. */
    public Optional<String> undoWords() {
        return Optional.ofNullable(done).map(Step::words);
    }

    /** What redo would make again, in words; empty where there is nothing. */
    public Optional<String> redoWords() {
        return Optional.ofNullable(undone).map(Step::words);
    }
}
