package hitch.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A job with the edits that led to it and those taken back. Immutable. The stack is kept as jobs, so undo costs nothing
 * however long the job.
 */
public final class JobHistory {
    private record Step(Edit edit, Job after) {}

    public static final JobHistory EMPTY = new JobHistory(List.of(), List.of());

    private final List<Step> done;
    private final List<Step> undone;

    private JobHistory(List<Step> done, List<Step> undone) {
        this.done = done;
        this.undone = undone;
    }

    /** The history after all {@code entries} of a journal. */
    public static JobHistory of(List<Entry> entries) {
        // Folded on one mutable pair of stacks, so that opening a long journal stays linear.
        List<Step> done = new ArrayList<>();
        List<Step> undone = new ArrayList<>();
        for (Entry entry : entries) {
            switch (entry) {
                case Entry.Did did -> {
                    done.add(new Step(did.edit(), top(done).with(did.edit())));
                    undone.clear();
                }
                case Entry.Undid undid -> {
                    if (!done.isEmpty()) {
                        undone.add(done.removeLast());
                    }
                }
                case Entry.Redid redid -> {
                    if (!undone.isEmpty()) {
                        done.add(undone.removeLast());
                    }
                }
            }
        }
        return new JobHistory(List.copyOf(done), List.copyOf(undone));
    }

    public Job job() {
        return top(done);
    }

    public JobHistory then(Entry entry) {
        return switch (entry) {
            case Entry.Did did -> new JobHistory(plus(done, new Step(did.edit(), job().with(did.edit()))), List.of());
            case Entry.Undid undid -> done.isEmpty() ? this : new JobHistory(minus(done), plus(undone, done.getLast()));
            case Entry.Redid redid ->
                undone.isEmpty() ? this : new JobHistory(plus(done, undone.getLast()), minus(undone));
        };
    }

    /** The edit that undo would take back. */
    public Optional<Edit> toUndo() {
        return done.isEmpty() ? Optional.empty() : Optional.of(done.getLast().edit());
    }

    /** The edit that redo would make again. */
    public Optional<Edit> toRedo() {
        return undone.isEmpty()
                ? Optional.empty()
                : Optional.of(undone.getLast().edit());
    }

    private static Job top(List<Step> steps) {
        return steps.isEmpty() ? Job.EMPTY : steps.getLast().after();
    }

    private static List<Step> plus(List<Step> list, Step step) {
        List<Step> longer = new ArrayList<>(list);
        longer.add(step);
        return List.copyOf(longer);
    }

    private static List<Step> minus(List<Step> list) {
        return List.copyOf(list.subList(0, list.size() - 1));
    }
}
