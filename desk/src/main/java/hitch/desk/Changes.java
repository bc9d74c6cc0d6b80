package hitch.desk;

import hitch.core.decide.Decision;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.LineFacts;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulePart;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Changes of a job that are made often, each of the job as it is by then; what changes nothing is no change. */
public final class Changes {
    private final Workspace work;

    Changes(Workspace work) {
        this.work = work;
    }

    public CompletableFuture<Void> changeRun(RunId id, UnaryOperator<Run> how) {
        return work.edit(job -> job.runs().stream()
                .filter(r -> r.id().equals(id) && !how.apply(r).equals(r))
                .findFirst()
                .map(r -> new Edit.PutRun(how.apply(r))));
    }

    public CompletableFuture<Void> changeLine(UnaryOperator<LineFacts> how) {
        return work.edit(job -> Optional.of(how.apply(job.line()))
                .filter(l -> !l.equals(job.line()))
                .map(Edit.DescribeLine::new));
    }

    public CompletableFuture<Void> changeRules(Function<HouseRules, RulePart> how) {
        return work.edit(job -> Optional.of(how.apply(job.rules()))
                .filter(part -> !job.rules().with(part).equals(job.rules()))
                .map(Edit.SetRules::new));
    }

    /** Decides something on what was proposed. */
    public CompletableFuture<Void> decide(Decision decision) {
        return work.apply(new Edit.Decide(decision));
    }

    /** Adds the finding that {@code make} gives for the next free id. */
    public CompletableFuture<Void> addFinding(Function<FindingId, Finding> make) {
        return work.edit(job -> Optional.of(new Edit.AddFinding(make.apply(job.nextId()))));
    }

    /** Keeps something that was said as the finding that {@code make} gives for the next free id. */
    public CompletableFuture<Void> keepSpoken(String commentary, String key, Function<FindingId, Finding> make) {
        return work.edit(job -> Optional.of(
                new Edit.KeepSpoken(commentary, key, Optional.of(make.apply(job.nextId())), Optional.empty())));
    }

    /**
     * Several edits that are one change to the user, each made of the job that the one before it left.
     *
     * @param words what they do, for the undo button
     */
    public CompletableFuture<Void> several(String words, List<Function<Job, Edit>> make) {
        return work.edit(job -> {
            List<Edit> edits = new ArrayList<>();
            Job now = job;
            for (Function<Job, Edit> one : make) {
                Edit edit = one.apply(now);
                edits.add(edit);
                now = now.with(edit);
            }
            return Optional.of(new Edit.Several(words, edits));
        });
    }
}
