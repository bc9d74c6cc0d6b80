package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.decide.Decisions;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Adjustments;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Hiding;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.job.PropertyFacts;
import hitch.core.job.StoryChanges;
import hitch.core.measure.Cover;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.HouseRules;
import hitch.core.run.Run;
import hitch.core.survey.told.Photos;
import hitch.core.talk.SaidAgainst;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything reckoned for a job at one moment; immutable. All deliverables are written from a survey.
 *
 * @param facts the visit
 * @param rules the house rules it was judged by
 * @param clips the footage in order
 * @param runs the runs in order
 * @param traces the counter of each clip that has one
 * @param seen the stretch the camera reached; empty while no reading is set
 * @param spans what the pipe is made of over {@code seen}
 * @param findings each thing once, in order of station; those without a station last
 * @param noted every finding where it was marked, likewise
 * @param watched what a look through each clip found; clips not looked through are left out
 * @param line the pipe as reckoned
 * @param adjustments how stretches of clips are looked at
 * @param story what was changed in the stories told of it
 * @param decisions what a person decided on what was proposed
 * @param writing what is written on the clips beside the counter, and what was said of it
 * @param hiding what of the clips is neither shown nor heard outside the house
 * @param photos photographs and what they show
 * @param against what was said and contradicts the record, while nobody settled it
 */
public record Survey(
        PropertyFacts facts,
        HouseRules rules,
        List<Clip> clips,
        List<Run> runs,
        Map<ClipId, CounterTrace> traces,
        Optional<Extent> seen,
        List<PipeSpan> spans,
        List<LocatedFinding> findings,
        List<LocatedFinding> noted,
        Map<ClipId, Watched> watched,
        Line line,
        Map<ClipId, Adjustments> adjustments,
        StoryChanges story,
        Decisions decisions,
        List<BurnedIn> writing,
        Hiding hiding,
        Photos photos,
        List<SaidAgainst> against) {

    /** The same visit as somebody may know it who sees these findings alone. */
    public Survey knownBy(PropertyFacts told, List<LocatedFinding> seen, Decisions decided) {
        return new Survey(
                told,
                rules,
                clips,
                runs,
                traces,
                this.seen,
                spans,
                seen,
                seen,
                watched,
                line,
                adjustments,
                story,
                decided,
                writing,
                hiding,
                photos,
                against);
    }

    /** The same with what was said against it. */
    public Survey contradicted(List<SaidAgainst> said) {
        return new Survey(
                facts,
                rules,
                clips,
                runs,
                traces,
                seen,
                spans,
                findings,
                noted,
                watched,
                line,
                adjustments,
                story,
                decisions,
                writing,
                hiding,
                photos,
                List.copyOf(said));
    }

    public Optional<Clip> clip(ClipId id) {
        return clips.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public List<Stretch> stretchesOf(ClipId id) {
        return watched.getOrDefault(id, Watched.NOTHING).stretches();
    }

    /** How a frame is looked at. */
    public Adjustment adjustmentAt(FrameRef frame) {
        return adjustments.getOrDefault(frame.clip(), Adjustments.NONE).at(frame.pts());
    }

    public Optional<Run> runOf(ClipId id) {
        return runs.stream().filter(r -> r.clips().contains(id)).findFirst();
    }

    /** A finding where it was marked. */
    public Optional<LocatedFinding> finding(FindingId id) {
        return noted.stream().filter(f -> f.finding().id().equals(id)).findFirst();
    }

    /** The thing that a finding is a sight of. */
    public Optional<LocatedFinding> thing(FindingId id) {
        return findings.stream().filter(f -> f.ids().contains(id)).findFirst();
    }

    /** Stretches of the line that were passed and never seen well, in order of station. */
    public List<SeenPart> unseen() {
        return line.seeing().parts().stream()
                .filter(p -> p.branch().equals(Branch.LINE) && p.best() == Look.POORLY)
                .toList();
    }

    /** The camera head's station at a frame; empty where the clip has no run or no reading. */
    public Optional<Station> stationAt(FrameRef frame) {
        Optional<Run> run = runOf(frame.clip());
        CounterTrace trace = traces.get(frame.clip());
        if (run.isEmpty() || trace == null || trace.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(run.get().stationOf(trace.cableAt(frame.pts()).orElseThrow()));
    }

    /** Where the camera head is at a frame, in words; empty likewise. */
    public Optional<PlaceWords> placeAt(FrameRef frame) {
        return stationAt(frame)
                .map(s -> line.place(line.pipeAt(runOf(frame.clip()).orElseThrow(), s), s, facts.unit()));
    }

    /** The frame that shows a place of a pipe best; empty where the camera never was. */
    public Optional<FrameRef> bestAt(String branch, Station place) {
        List<FrameRef> frames = Visits.at(line.tied(), branch, place).stream()
                .map(Visits.Visit::frame)
                .toList();
        return frames.isEmpty() ? Optional.empty() : Optional.of(bestOf(frames, place));
    }

    /** The one of some frames, at least one, that shows a place best. */
    public FrameRef bestOf(List<FrameRef> frames, Station place) {
        return new BestPicture(line.tied(), watched, rules.line()).of(frames, place);
    }

    /** Length of line of each known material; materials that do not occur are left out. */
    public Map<Material, Distance> lengths() {
        Map<Material, Distance> lengths = new EnumMap<>(Material.class);
        spans.forEach(s -> s.material().ifPresent(m -> lengths.merge(m, s.length(), Distance::plus)));
        return lengths;
    }

    /** Total length of standing water, overlapping stretches counted once; water that was only running is none. */
    public Distance standingWater() {
        return lengthOf(FindingKind.STANDING_WATER);
    }

    /** Total length of pipe along which something lies, overlapping stretches counted once. */
    public Distance lengthOf(FindingKind kind) {
        Map<String, List<Extent>> byBranch = new HashMap<>();
        findings.stream()
                .filter(f -> f.finding().kind() == kind
                        && f.extent().isPresent()
                        && !f.lasting().isOver()
                        && f.lasting() != Lasting.MOVED)
                .forEach(f -> byBranch.computeIfAbsent(f.branch(), b -> new ArrayList<>())
                        .add(f.extent().get()));
        return new Distance(byBranch.entrySet().stream()
                .mapToLong(
                        e -> line.ofThePipe(e.getKey(), Cover.of(e.getValue())).mm())
                .sum());
    }

    /** How many findings have {@code weight}. */
    public long count(Weight weight) {
        return findings.stream().filter(f -> f.weight() == weight).count();
    }
}
