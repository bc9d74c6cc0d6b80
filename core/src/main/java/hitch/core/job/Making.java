package hitch.core.job;

import hitch.core.counter.CounterMarks;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustments;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.ClipId;
import hitch.core.footage.Hiding;
import hitch.core.rules.HouseRules;
import hitch.core.run.Run;
import hitch.core.talk.Commentary;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What each edit makes of a job. */
final class Making {
    /** A zeroing set by hand this near to one that was read is the same zeroing, moved; seconds. */
    private static final double MOVED_WITHIN_S = 5;

    private final Job job;

    Making(Job job) {
        this.job = job;
    }

    /** The job after an edit. */
    Job of(Edit edit) {
        return switch (edit) {
            case Edit.DescribeProperty e ->
                JobBuilder.builder(job).facts(e.facts()).build();
            case Edit.DescribeLine e -> JobBuilder.builder(job).line(e.line()).build();
            case Edit.ChangeShot e ->
                JobBuilder.builder(job)
                        .story(job.story().with(e.recipient(), e.shot(), e.change()))
                        .build();
            case Edit.ArrangeShots e ->
                JobBuilder.builder(job).story(job.story().with(e)).build();
            case Edit.LookOver e ->
                JobBuilder.builder(job).story(job.story().with(e)).build();
            case Edit.AcceptCheck e ->
                JobBuilder.builder(job).accepted(job.accepted().with(e)).build();
            case Edit.Decide e ->
                JobBuilder.builder(job)
                        .decisions(job.decisions().with(e.decision()))
                        .build();
            case Edit.TakeRules e -> withRules(e.rules());
            case Edit.SetRules e -> withRules(job.rules().with(e.part()));
            case Edit.PutClip e ->
                job.withClips(
                        put(job.clips(), e.clip(), c -> c.id().equals(e.clip().id())), job.marks());
            case Edit.LeaveOutClip e -> Settling.leaveOut(job, e.clip());
            case Edit.OrderClips e -> job.withClips(Settling.ordered(job, e.order()), job.marks());
            case Edit.SetAside e -> withAside(e.clip(), e.aside());
            case Edit.PlacePhoto e -> Settling.place(job, e);
            case Edit.Adjust e -> withAdjustment(e.clip(), e.span());
            case Edit.AnswerWriting e ->
                JobBuilder.builder(job)
                        .writing(BurnedIn.with(job.writing(), e.answers()))
                        .build();
            case Edit.HideArea e -> withHiding(job.hiding().with(e.area()));
            case Edit.MuteSound e -> withHiding(job.hiding().with(e.sound()));
            case Edit.StopHiding e -> withHiding(job.hiding().without(e.key()));
            case Edit.PutRun e ->
                Settling.carried(
                        job,
                        withRuns(put(
                                claim(e.run()),
                                e.run(),
                                r -> r.id().equals(e.run().id()))));
            case Edit.RemoveRun e ->
                withRuns(
                        job.runs().stream().filter(r -> !r.id().equals(e.run())).toList());
            case Edit.SetMark e -> withMarks(e.clip(), job.counterOf(e.clip()).set(e.mark(), moved(e.clip())));
            case Edit.ReadCounter e -> withRead(e);
            case Edit.SayCounterUnit e ->
                withMarks(job.marks().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                m -> m.getValue().countedIn(e.unit()),
                                (a, b) -> a,
                                LinkedHashMap::new)));
            case Edit.RemoveMark e ->
                withMarks(e.clip(), job.counterOf(e.clip()).without(e.mark()));
            case Edit.AddFinding e -> job.add(e.finding());
            case Edit.AmendFinding e -> job.change(e.id(), f -> f.amendedTo(e.to()));
            case Edit.SayOfFinding e ->
                job.change(e.id(), f -> f.saying(e.traits()).withCertainty(e.certainty()));
            case Edit.MeasureFinding e -> job.change(e.id(), f -> f.measured(e.size()));
            case Edit.ForgetSize e -> job.change(e.id(), f -> f.without(e.size()));
            case Edit.DrawOnStill e -> job.change(e.id(), f -> f.drawnOn(e.marks()));
            case Edit.MoveFinding e -> job.change(e.id(), f -> f.movedTo(e.frame()));
            case Edit.WeighFinding e -> job.change(e.id(), f -> f.weighing(e.weight()));
            case Edit.MergeFindings e -> Settling.merge(job, e.id(), e.other());
            case Edit.KeepApart e -> job.change(e.id(), f -> f.apartFrom(e.other()));
            case Edit.PutCommentary e ->
                withTalk(put(
                        job.talk(),
                        e.commentary(),
                        c -> c.id().equals(e.commentary().id())));
            case Edit.SlideCommentary e -> job.talked(e.id(), c -> c.slidTo(e.offset()));
            case Edit.RemoveCommentary e ->
                withTalk(job.talk().stream().filter(c -> !c.id().equals(e.id())).toList());
            case Edit.KeepSpoken e -> Settling.keep(job, e);
            case Edit.SightSpoken e -> Settling.sight(job, e);
            case Edit.WaveAway e ->
                JobBuilder.builder(job)
                        .waved(Stream.concat(job.waved().stream(), Stream.of(e.frame()))
                                .distinct()
                                .toList())
                        .build();
            case Edit.RefuseSpoken e -> job.talked(e.id(), c -> c.settling(e.key(), Commentary.Settled.REFUSED));
            case Edit.Several e -> {
                Job next = job;
                for (Edit one : e.edits()) {
                    next = next.with(one);
                }
                yield next;
            }
            case Edit.RemoveFinding e -> job.withFindings(job.list().without(e.id()));
        };
    }

    private Job withHiding(Hiding hiding) {
        return JobBuilder.builder(job).hiding(hiding).build();
    }

    private Job withRules(HouseRules rules) {
        return JobBuilder.builder(job).rules(rules).build();
    }

    private Job withTalk(List<Commentary> talk) {
        return JobBuilder.builder(job).talk(talk).build();
    }

    private long moved(ClipId id) {
        return job.clip(id).map(c -> c.base().ticks(MOVED_WITHIN_S)).orElse(0L);
    }

    private Job withRead(Edit.ReadCounter e) {
        CounterMarks known = e.typed().map(job.counterOf(e.clip())::with).orElse(job.counterOf(e.clip()));
        return job.clip(e.clip())
                .map(c -> withMarks(
                        e.clip(),
                        known.read(e.marks(), e.doubts(), e.counted(), c.base().ticks(1))))
                .orElse(job);
    }

    private Job withAside(ClipId id, boolean out) {
        Set<ClipId> next = new LinkedHashSet<>(job.aside());
        boolean changed = out ? job.clip(id).isPresent() && next.add(id) : next.remove(id);
        return changed ? looked(Collections.unmodifiableSet(next), job.adjustments()) : job;
    }

    private Job withAdjustment(ClipId id, AdjustedSpan span) {
        Map<ClipId, Adjustments> next = new LinkedHashMap<>(job.adjustments());
        next.put(id, job.adjustmentsOf(id).with(span));
        return looked(job.aside(), Collections.unmodifiableMap(next));
    }

    private Job looked(Set<ClipId> out, Map<ClipId, Adjustments> how) {
        return JobBuilder.builder(job).aside(out).adjustments(how).build();
    }

    /** The runs once {@code claimant} has taken its clips from the others. */
    private List<Run> claim(Run claimant) {
        return job.runs().stream()
                .map(r -> r.id().equals(claimant.id())
                        ? r
                        : r.withClips(r.clips().stream()
                                .filter(c -> !claimant.clips().contains(c))
                                .toList()))
                .toList();
    }

    private Job withRuns(List<Run> runs) {
        return JobBuilder.builder(job).runs(runs).build();
    }

    private Job withMarks(ClipId clip, CounterMarks list) {
        Map<ClipId, CounterMarks> next = new LinkedHashMap<>(job.marks());
        next.put(clip, list);
        return withMarks(next);
    }

    private Job withMarks(Map<ClipId, CounterMarks> next) {
        return JobBuilder.builder(job).marks(Collections.unmodifiableMap(next)).build();
    }

    private static <T> List<T> put(List<T> list, T value, java.util.function.Predicate<T> same) {
        List<T> next = new ArrayList<>(list);
        for (int i = 0; i < next.size(); i++) {
            if (same.test(next.get(i))) {
                next.set(i, value);
                return List.copyOf(next);
            }
        }
        next.add(value);
        return List.copyOf(next);
    }
}
