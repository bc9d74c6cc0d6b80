package hitch.core.judge.matter;

import hitch.core.detail.Arrival;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Cover;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Range;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.HouseRules;
import hitch.core.survey.Line;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.told.Causes;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Surfaces;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All that a judgement rests on: what was found and still is so, the pipe, the ground above, the visit, the rules. */
public final class Case {
    /** How far from a place its depth is still taken from: no farther than a locate's error grows past use. */
    private static final double FEET_OF_DOUBT = 1;

    private final Survey survey;
    private final List<LocatedFinding> findings;
    private final Causes causes;
    private final Surfaces surfaces;
    private final Fixtures fixtures;
    private final List<Compared> beside;

    private Case(Survey survey) {
        this.survey = survey;
        this.findings = survey.findings().stream()
                .filter(f -> !f.branch().equals(Branch.MAIN)
                        && !f.lasting().isOver()
                        && f.finding().certainty() != Certainty.RULED_OUT)
                .toList();
        this.causes = Causes.of(findings);
        this.surfaces = Surfaces.of(survey.findings());
        this.fixtures = Fixtures.of(survey.findings());
        this.beside = Stream.concat(
                        Compared.cleaning(survey).stream(),
                        survey.decisions().beside().stream().map(v -> Compared.of(survey, v)))
                .toList();
    }

    public static Case of(Survey survey) {
        return new Case(survey);
    }

    public Survey survey() {
        return survey;
    }

    public Line line() {
        return survey.line();
    }

    public HouseRules rules() {
        return survey.rules();
    }

    /** What still is so on the line and its branches, in order of station. */
    public List<LocatedFinding> findings() {
        return findings;
    }

    public Causes causes() {
        return causes;
    }

    public Fixtures fixtures() {
        return fixtures;
    }

    /** A place in words, as it is told everywhere. */
    public String place(String branch, Extent extent) {
        return line().place(branch, extent, survey.facts().unit()).all();
    }

    public String place(LocatedFinding found) {
        return line().place(found, survey.facts().unit()).map(p -> p.all()).orElse("somewhere");
    }

    public String show(Distance length) {
        return survey.facts().unit().show(length);
    }

    /** The pipe over a station; the later span where two meet. */
    public Optional<PipeSpan> spanAt(String branch, Station at) {
        return line().way(branch).flatMap(w -> w.spanAt(at));
    }

    /** Every span that a stretch touches, in order. */
    public List<PipeSpan> spans(String branch, Extent extent) {
        return line().way(branch).map(Way::spans).orElse(List.of()).stream()
                .filter(s -> s.extent()
                        .common(extent)
                        .filter(e -> !e.isPoint() || extent.isPoint())
                        .isPresent())
                .toList();
    }

    public Optional<Material> materialAt(String branch, Station at) {
        return spanAt(branch, at).flatMap(PipeSpan::material);
    }

    /** Whether any pipe of a stretch may be too weak for strong water, by the house rules. */
    public boolean isWeak(String branch, Extent extent) {
        return spans(branch, extent).stream().anyMatch(s -> isWeak(s.pipe()));
    }

    /** The material that may be too weak on a stretch of which {@link #isWeak} holds. */
    public Material weakest(String branch, Extent extent) {
        return spans(branch, extent).stream()
                .filter(s -> isWeak(s.pipe()))
                .flatMap(s -> s.material().stream())
                .findFirst()
                .orElseThrow();
    }

    public boolean isWeak(Pipe pipe) {
        return rules().care().isWeak(pipe, survey.facts().year());
    }

    /** What lies above a stretch of the line; nothing is known over branches. */
    public List<Surface> above(String branch, Extent extent) {
        return branch.equals(Branch.LINE) ? surfaces.over(extent) : List.of();
    }

    public boolean isUnder(String branch, Extent extent, Surface... any) {
        List<Surface> above = above(branch, extent);
        return List.of(any).stream().anyMatch(above::contains);
    }

    /** Findings of some kinds on a pipe that touch a stretch. */
    public List<LocatedFinding> on(String branch, Extent extent, java.util.Collection<FindingKind> kinds) {
        return findings.stream()
                .filter(f ->
                        f.branch().equals(branch) && kinds.contains(f.finding().kind()))
                .filter(f -> f.extent().flatMap(extent::common).isPresent())
                .toList();
    }

    /** How deep the bottom of the pipe lies along a stretch, feet, with the doubt of the readings; empty where nobody measured near. */
    public Optional<Range> depth(String branch, Extent extent) {
        Optional<Range> all = Optional.empty();
        for (Station at : List.of(extent.from(), extent.middle(), extent.to())) {
            Optional<Distance> here = line().depths().invertAt(branch, at);
            if (here.isPresent()) {
                double doubt = rules().line().depths().errorOf(here.get()) / Distance.MM_PER_FOOT;
                double feet = here.get().inFeet();
                Range range = new Range(Math.max(0, feet - doubt), feet + doubt);
                all = Optional.of(all.map(r -> r.or(range)).orElse(range));
            }
        }
        return all;
    }

    /** Whether a depth and a mark were taken near to a place. */
    public boolean isLocated(String branch, Station at) {
        Distance near = Distance.feet(FEET_OF_DOUBT).plus(rules().judging().around());
        return survey.findings().stream()
                .anyMatch(f -> f.finding().kind() == FindingKind.LOCATE
                        && f.branch().equals(branch)
                        && f.finding().traits().depth().isPresent()
                        && f.extent()
                                .filter(e -> e.middle().to(at).compareTo(near) <= 0)
                                .isPresent());
    }

    /** Whether an opening at the surface stands over a place, so that nobody need ask where it is. */
    public boolean isAtAnOpening(String branch, Station at) {
        return line().openings().stream()
                .anyMatch(o -> !o.buried()
                        && o.branch().equals(branch)
                        && o.at().to(at).compareTo(Distance.feet(FEET_OF_DOUBT)) <= 0);
    }

    /** Whether a finding is the owner's to see to; taken for the owner's where nobody knows. */
    public boolean isOwners(LocatedFinding found) {
        return line().isOwners(found).orElse(true);
    }

    /** How far the building's wall is from a place on the line; empty where nobody told where it is. */
    public Optional<Distance> fromTheBuilding(String branch, Extent extent) {
        if (!branch.equals(Branch.LINE)) {
            return Optional.empty();
        }
        return line().wall()
                .map(w -> extent.covers(w)
                        ? Distance.ZERO
                        : extent.from().to(w).compareTo(extent.to().to(w)) < 0
                                ? extent.from().to(w)
                                : extent.to().to(w));
    }

    /** When and for what it was. */
    public Visit visit() {
        return new Visit(survey);
    }

    /** Whether use, or a test, has put the line to the proof. */
    public boolean isProvedByUse() {
        return !visit().isIdle() || fixtures.anyArrived();
    }

    /** Rooms whose water was watched for and never came. */
    public List<Fixtures.Fixture> neverArrived() {
        return fixtures.which(Arrival.NO);
    }

    /** This visit held against each earlier one. */
    public List<Compared> beside() {
        return beside;
    }

    /** What became of a finding since the visit that was laid beside last; empty where none was. */
    public Optional<Change> change(LocatedFinding found) {
        return survey.decisions().beside().isEmpty()
                ? Optional.empty()
                : beside.getLast().changes().stream()
                        .filter(c -> c.now()
                                .filter(f ->
                                        f.finding().id().equals(found.finding().id()))
                                .isPresent())
                        .findFirst();
    }

    /** What of a pipe a stretch is, cut off at the ends of it that are known. */
    public Extent within(String branch, Extent extent) {
        return line().way(branch).flatMap(w -> extent.common(w.whole())).orElse(extent);
    }

    /** Length of stretches, what overlaps counted once. */
    public Distance length(List<Extent> stretches) {
        return new Distance(Cover.of(stretches).mm());
    }
}
