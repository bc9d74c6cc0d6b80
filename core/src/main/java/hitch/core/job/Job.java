package hitch.core.job;

import hitch.core.counter.CounterMark;
import hitch.core.counter.CounterMarks;
import hitch.core.decide.Decisions;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustments;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Hiding;
import hitch.core.line.LineFacts;
import hitch.core.rules.HouseRules;
import hitch.core.run.Run;
import hitch.core.talk.Commentary;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * One property, one visit: the fold of its edits. Immutable; {@link #with} gives the next job.
 *
 * @param facts the visit
 * @param rules the firm's house rules
 * @param clips footage in order
 * @param runs trips of the camera in order
 * @param marks what is known of the counter of each clip
 * @param aside clips that are left out of the reckoning
 * @param adjustments how stretches of clips are looked at
 * @param writing what was said of writing on clips
 * @param hiding what of clips is neither shown nor heard outside the house
 * @param photos what photographs show, as far as it was said
 * @param findings in the order they were made
 * @param talk captions of what was said, in the order they came in
 * @param line what is known of the line besides what was seen
 * @param story what was changed in the stories told of it
 * @param accepted what was accepted before parcels went out
 * @param decisions what a person decided on what was proposed
 * @param nextFinding number of the next finding; numbers are never used twice
 */
@RecordBuilder
public record Job(
        PropertyFacts facts,
        HouseRules rules,
        List<Clip> clips,
        List<Run> runs,
        Map<ClipId, CounterMarks> marks,
        Set<ClipId> aside,
        Map<ClipId, Adjustments> adjustments,
        List<BurnedIn> writing,
        Hiding hiding,
        Map<ClipId, PhotoPlace> photos,
        List<Finding> findings,
        List<Commentary> talk,
        LineFacts line,
        StoryChanges story,
        Acceptances accepted,
        Decisions decisions,
        int nextFinding) {
    public static final Job EMPTY = new Job(
            PropertyFacts.BLANK,
            HouseRules.DEFAULT,
            List.of(),
            List.of(),
            Map.of(),
            Set.of(),
            Map.of(),
            List.of(),
            Hiding.NONE,
            Map.of(),
            List.of(),
            List.of(),
            LineFacts.NONE,
            StoryChanges.NONE,
            Acceptances.NONE,
            Decisions.NONE,
            1);

    /** A zeroing set by hand this near to one that was read is the same zeroing, moved; seconds. */
    private static final double MOVED_WITHIN_S = 5;

    /** The id the next finding takes. */
    public FindingId nextId() {
        return new FindingId("F" + nextFinding);
    }

    public Job {
        findings = FindingList.of(findings);
    }

    public Optional<Finding> finding(FindingId id) {
        return list().find(id);
    }

    private FindingList list() {
        return FindingList.of(findings);
    }

    public Optional<Clip> clip(ClipId id) {
        return clips.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<Run> runOf(ClipId id) {
        return runs.stream().filter(r -> r.clips().contains(id)).findFirst();
    }

    public List<CounterMark> marksOf(ClipId id) {
        return counterOf(id).marks();
    }

    public CounterMarks counterOf(ClipId id) {
        return marks.getOrDefault(id, CounterMarks.NONE);
    }

    public Adjustments adjustmentsOf(ClipId id) {
        return adjustments.getOrDefault(id, Adjustments.NONE);
    }

    /** The clips that are reckoned with. */
    public List<Clip> clipsInUse() {
        return clips.stream().filter(c -> !aside.contains(c.id())).toList();
    }

    /** The job after {@code edit}. */
    public Job with(Edit edit) {
        return switch (edit) {
            case Edit.DescribeProperty e ->
                JobBuilder.builder(this).facts(e.facts()).build();
            case Edit.DescribeLine e -> JobBuilder.builder(this).line(e.line()).build();
            case Edit.ChangeShot e ->
                JobBuilder.builder(this)
                        .story(story.with(e.recipient(), e.shot(), e.change()))
                        .build();
            case Edit.ArrangeShots e ->
                JobBuilder.builder(this).story(story.with(e)).build();
            case Edit.LookOver e ->
                JobBuilder.builder(this).story(story.with(e)).build();
            case Edit.AcceptCheck e ->
                JobBuilder.builder(this).accepted(accepted.with(e)).build();
            case Edit.Decide e ->
                JobBuilder.builder(this).decisions(decisions.with(e.decision())).build();
            case Edit.TakeRules e -> withRules(e.rules());
            case Edit.SetRules e -> withRules(rules.with(e.part()));
            case Edit.PutClip e ->
                withClips(put(clips, e.clip(), c -> c.id().equals(e.clip().id())), marks);
            case Edit.LeaveOutClip e -> Settling.leaveOut(this, e.clip());
            case Edit.OrderClips e -> withClips(Settling.ordered(this, e.order()), marks);
            case Edit.SetAside e -> withAside(e.clip(), e.aside());
            case Edit.PlacePhoto e -> Settling.place(this, e);
            case Edit.Adjust e -> withAdjustment(e.clip(), e.span());
            case Edit.AnswerWriting e ->
                JobBuilder.builder(this)
                        .writing(BurnedIn.with(writing, e.answers()))
                        .build();
            case Edit.HideArea e -> withHiding(hiding.with(e.area()));
            case Edit.MuteSound e -> withHiding(hiding.with(e.sound()));
            case Edit.StopHiding e -> withHiding(hiding.without(e.key()));
            case Edit.PutRun e ->
                Settling.carried(
                        this,
                        withRuns(put(
                                claim(e.run()),
                                e.run(),
                                r -> r.id().equals(e.run().id()))));
            case Edit.RemoveRun e ->
                withRuns(runs.stream().filter(r -> !r.id().equals(e.run())).toList());
            case Edit.SetMark e -> withMarks(e.clip(), counterOf(e.clip()).set(e.mark(), moved(e.clip())));
            case Edit.ReadCounter e -> withRead(e);
            case Edit.SayCounterUnit e ->
                withMarks(marks.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                m -> m.getValue().countedIn(e.unit()),
                                (a, b) -> a,
                                LinkedHashMap::new)));
            case Edit.RemoveMark e -> withMarks(e.clip(), counterOf(e.clip()).without(e.mark()));
            case Edit.AddFinding e -> add(e.finding());
            case Edit.AmendFinding e -> change(e.id(), f -> f.amendedTo(e.to()));
            case Edit.SayOfFinding e -> change(e.id(), f -> f.saying(e.traits()).withCertainty(e.certainty()));
            case Edit.MeasureFinding e -> change(e.id(), f -> f.measured(e.size()));
            case Edit.ForgetSize e -> change(e.id(), f -> f.without(e.size()));
            case Edit.DrawOnStill e -> change(e.id(), f -> f.drawnOn(e.marks()));
            case Edit.MoveFinding e -> change(e.id(), f -> f.movedTo(e.frame()));
            case Edit.WeighFinding e -> change(e.id(), f -> f.weighing(e.weight()));
            case Edit.MergeFindings e -> Settling.merge(this, e.id(), e.other());
            case Edit.KeepApart e -> change(e.id(), f -> f.apartFrom(e.other()));
            case Edit.PutCommentary e ->
                withTalk(put(
                        talk, e.commentary(), c -> c.id().equals(e.commentary().id())));
            case Edit.SlideCommentary e -> talked(e.id(), c -> c.slidTo(e.offset()));
            case Edit.RemoveCommentary e ->
                withTalk(talk.stream().filter(c -> !c.id().equals(e.id())).toList());
            case Edit.KeepSpoken e -> Settling.keep(this, e);
            case Edit.SightSpoken e -> Settling.sight(this, e);
            case Edit.RefuseSpoken e -> talked(e.id(), c -> c.settling(e.key(), Commentary.Settled.REFUSED));
            case Edit.Several e -> {
                Job job = this;
                for (Edit one : e.edits()) {
                    job = job.with(one);
                }
                yield job;
            }
            case Edit.RemoveFinding e -> withFindings(list().without(e.id()));
        };
    }

    public Optional<Commentary> commentary(String id) {
        return talk.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    Job talked(String id, UnaryOperator<Commentary> how) {
        return withTalk(
                talk.stream().map(c -> c.id().equals(id) ? how.apply(c) : c).toList());
    }

    private Job withHiding(Hiding hiding) {
        return JobBuilder.builder(this).hiding(hiding).build();
    }

    private Job withRules(HouseRules rules) {
        return JobBuilder.builder(this).rules(rules).build();
    }

    Job withPhotos(Map<ClipId, PhotoPlace> photos) {
        return JobBuilder.builder(this)
                .photos(Collections.unmodifiableMap(photos))
                .build();
    }

    private Job withTalk(List<Commentary> talk) {
        return JobBuilder.builder(this).talk(talk).build();
    }

    private long moved(ClipId id) {
        return clip(id).map(c -> c.base().ticks(MOVED_WITHIN_S)).orElse(0L);
    }

    private Job withRead(Edit.ReadCounter e) {
        CounterMarks known = e.typed().map(counterOf(e.clip())::with).orElse(counterOf(e.clip()));
        return clip(e.clip())
                .map(c -> withMarks(
                        e.clip(),
                        known.read(e.marks(), e.doubts(), e.counted(), c.base().ticks(1))))
                .orElse(this);
    }

    Job add(Finding finding) {
        if (finding(finding.id()).isPresent()) {
            return this;
        }
        return JobBuilder.builder(this)
                .findings(list().with(finding))
                .nextFinding(nextFinding + 1)
                .build();
    }

    Job change(FindingId id, UnaryOperator<Finding> how) {
        return withFindings(list().changed(id, how));
    }

    private Job withAside(ClipId id, boolean out) {
        Set<ClipId> next = new LinkedHashSet<>(aside);
        boolean changed = out ? clip(id).isPresent() && next.add(id) : next.remove(id);
        return changed ? looked(Collections.unmodifiableSet(next), adjustments) : this;
    }

    private Job withAdjustment(ClipId id, AdjustedSpan span) {
        Map<ClipId, Adjustments> next = new LinkedHashMap<>(adjustments);
        next.put(id, adjustmentsOf(id).with(span));
        return looked(aside, Collections.unmodifiableMap(next));
    }

    private Job looked(Set<ClipId> out, Map<ClipId, Adjustments> how) {
        return JobBuilder.builder(this).aside(out).adjustments(how).build();
    }

    /** The runs once {@code claimant} has taken its clips from the others. */
    private List<Run> claim(Run claimant) {
        return runs.stream()
                .map(r -> r.id().equals(claimant.id())
                        ? r
                        : r.withClips(r.clips().stream()
                                .filter(c -> !claimant.clips().contains(c))
                                .toList()))
                .toList();
    }

    Job withClips(List<Clip> clips, Map<ClipId, CounterMarks> marks) {
        return JobBuilder.builder(this).clips(clips).marks(marks).build();
    }

    private Job withRuns(List<Run> runs) {
        return JobBuilder.builder(this).runs(runs).build();
    }

    Job withFindings(List<Finding> findings) {
        return JobBuilder.builder(this).findings(findings).build();
    }

    private Job withMarks(ClipId clip, CounterMarks list) {
        Map<ClipId, CounterMarks> next = new LinkedHashMap<>(marks);
        next.put(clip, list);
        return withMarks(next);
    }

    private Job withMarks(Map<ClipId, CounterMarks> next) {
        return JobBuilder.builder(this).marks(Collections.unmodifiableMap(next)).build();
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
