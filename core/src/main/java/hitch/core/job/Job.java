package hitch.core.job;

import hitch.core.counter.CounterMark;
import hitch.core.counter.CounterMarks;
import hitch.core.decide.Decisions;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Adjustments;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Hiding;
import hitch.core.line.LineFacts;
import hitch.core.rules.HouseRules;
import hitch.core.run.Run;
import hitch.core.talk.Commentary;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

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
 * @param waved frames of places that stand out and that a person found nothing at
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
        List<FrameRef> waved,
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
            List.of(),
            LineFacts.NONE,
            StoryChanges.NONE,
            Acceptances.NONE,
            Decisions.NONE,
            1);

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

    FindingList list() {
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
        return new Making(this).of(edit);
    }

    public Optional<Commentary> commentary(String id) {
        return talk.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    Job talked(String id, UnaryOperator<Commentary> how) {
        return JobBuilder.builder(this)
                .talk(talk.stream()
                        .map(c -> c.id().equals(id) ? how.apply(c) : c)
                        .toList())
                .build();
    }

    Job withPhotos(Map<ClipId, PhotoPlace> photos) {
        return JobBuilder.builder(this)
                .photos(Collections.unmodifiableMap(photos))
                .build();
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

    Job withClips(List<Clip> clips, Map<ClipId, CounterMarks> marks) {
        return JobBuilder.builder(this).clips(clips).marks(marks).build();
    }

    Job withFindings(List<Finding> findings) {
        return JobBuilder.builder(this).findings(findings).build();
    }
}
