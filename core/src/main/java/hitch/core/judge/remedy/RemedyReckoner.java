package hitch.core.judge.remedy;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.age.Age;
import hitch.core.judge.age.Ages;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.money.Bill;
import hitch.core.judge.money.Cost;
import hitch.core.judge.money.Estimator;
import hitch.core.judge.work.Work;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Range;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reckons a proposal out: how long, how deep, under what, what it clears and leaves, what it costs, how long it lasts. */
public final class RemedyReckoner {
    /** An end of a work is known no better than to this, whatever the stations say. */
    private static final Distance LEAST_DOUBT = Distance.feet(0.5);

    private final Case in;
    private final List<Matter> matters;
    private final Estimator estimator;
    private final Optional<String> unpriced;
    private final List<Age> ages;

    /**
     * @param matters all there are
     * @param unpriced why no repair is priced, where the line cannot be judged
     */
    public RemedyReckoner(Case in, List<Matter> matters, Optional<String> unpriced) {
        this.in = in;
        this.matters = matters;
        this.estimator = new Estimator(in.rules().prices(), in.rules().judging().roundTo());
        this.unpriced = unpriced;
        this.ages = Ages.of(in.survey());
    }

    public Remedy of(Proposal p, Matter matter) {
        String branch = matter.branch();
        List<Extent> places = p.places();
        Optional<Extent> extent = p.extent();
        Distance length = in.length(places);
        Optional<Range> depth = depth(branch, places);
        List<hitch.core.line.GroundMark.Surface> cover = places.stream()
                .flatMap(e -> in.above(branch, e).stream())
                .distinct()
                .toList();
        List<PipeSize> sizes = extent.stream()
                .flatMap(e -> in.spans(branch, e).stream())
                .flatMap(s -> s.size().stream())
                .distinct()
                .toList();
        List<String> clears = new ArrayList<>();
        List<String> leaves = new ArrayList<>();
        if (Clearing.settles(p.work())) {
            clears.add(matter.title());
        } else {
            leaves.add(matter.title());
        }
        for (Matter other : matters) {
            if (other != matter && other.branch().equals(branch)) {
                if (Clearing.clears(p.work(), places, other)) {
                    clears.add(other.title());
                } else if (touches(extent, other)) {
                    leaves.add(other.title());
                }
            }
        }
        Bill bill = new Bill(
                p.work(),
                Math.max(1, places.size()),
                feet(length, matter),
                sizes.stream().map(PipeSize::inInches).max(Double::compare),
                depth,
                cover);
        return new Remedy(
                p.work(),
                p.sentence(),
                branch,
                extent,
                length,
                depth,
                cover,
                (int) extent.stream()
                        .flatMap(e -> in.on(branch, e, List.of(FindingKind.BEND)).stream())
                        .count(),
                sizes,
                p.because(),
                p.unless(),
                clears,
                leaves,
                p.first(),
                p.cautions(),
                cost(p, matter, bill),
                lasts(p.work(), branch, extent),
                next(p.work()),
                p.soonest(),
                p.occasion(),
                p.fallback());
    }

    private Cost cost(Proposal p, Matter matter, Bill bill) {
        Cost cost = estimator.of(bill);
        if (!p.work().isRepair()) {
            return cost;
        }
        if (!matter.isSure()) {
            return cost.without("It is not priced before it was seen well enough to be sure.");
        }
        return unpriced.map(cost::without).orElse(cost);
    }

    private Range feet(Distance length, Matter matter) {
        double doubt = matter.findings().stream()
                .map(LocatedFinding::doubt)
                .reduce(LEAST_DOUBT, (a, b) -> a.compareTo(b) > 0 ? a : b)
                .inFeet();
        double feet = length.inFeet();
        return length.mm() == 0 ? Range.ZERO : new Range(Math.max(0, feet - 2 * doubt), feet + 2 * doubt);
    }

    private Optional<Range> depth(String branch, List<Extent> places) {
        return places.stream().flatMap(e -> in.depth(branch, e).stream()).reduce(Range::or);
    }

    private static boolean touches(Optional<Extent> extent, Matter other) {
        return extent.isPresent()
                && other.extent().flatMap(extent.get()::common).isPresent();
    }

    private Optional<Range> lasts(Work work, String branch, Optional<Extent> extent) {
        return switch (work) {
            case Work.Clean w -> Optional.of(Range.of(w.months() / 12.0));
            case Work.Reline w -> Optional.of(in.rules().judging().linerLasts());
            case Work.Descale w ->
                Optional.of(
                        w.coated()
                                ? in.rules().judging().coatLasts()
                                : in.rules().judging().descaleLasts());
            case Work.Replace w -> newPipe();
            case Work.ReplaceAll w -> newPipe();
            case Work.SetToGrade w -> newPipe();
            case Work.SpotRepair w -> extent.flatMap(e -> rest(branch, e));
            case Work.Watch w -> Optional.empty();
            case Work.CleanAndLook w -> Optional.empty();
            case Work.OpenAccess w -> Optional.empty();
            case Work.Prove w -> Optional.empty();
            case Work.Refer w -> Optional.empty();
        };
    }

    /** New pipe is plastic. */
    private Optional<Range> newPipe() {
        return in.rules().ages().of(Material.PVC).map(a -> new Range(a.least(), a.most()));
    }

    /** A mended place lasts as long as the pipe to either side of it. */
    private Optional<Range> rest(String branch, Extent extent) {
        Optional<PipeSpan> span = in.spanAt(branch, extent.middle());
        return span.flatMap(s -> ages.stream()
                .filter(a -> a.branch().equals(branch) && a.span().equals(s))
                .findFirst()
                .map(Age::left));
    }

    private Optional<Integer> next(Work work) {
        return switch (work) {
            case Work.Clean w -> Optional.of(w.months());
            case Work.Watch w -> Optional.of(w.months());
            case Work.Reline w -> Optional.of(in.rules().judging().lookEvery());
            case Work.SpotRepair w -> Optional.of(in.rules().judging().lookEvery());
            case Work.Descale w -> Optional.of(in.rules().judging().lookEvery());
            default -> Optional.empty();
        };
    }
}
