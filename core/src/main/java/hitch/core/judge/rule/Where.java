package hitch.core.judge.rule;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.measure.Cover;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Where a work goes: from where to where, snapped to changes of pipe, cut off where the pipe or the owner's part ends. */
final class Where {
    private Where() {}

    /** A matter's place in words, behind a verb: {@code at 20.0 ft toward the main}. */
    static String words(Matter m, Case c) {
        return m.extent().map(e -> words(m.branch(), e, c)).orElse("");
    }

    static String words(String branch, Extent extent, Case c) {
        return (extent.isPoint() ? "at " : "from ") + c.place(branch, extent);
    }

    /** What is mended at single places: each finding with room around it, overlapping places as one. */
    static List<Extent> places(Matter m, Case c) {
        List<Extent> places = new ArrayList<>();
        for (LocatedFinding found : sure(m)) {
            found.extent().map(e -> around(m.branch(), e, c)).ifPresent(places::add);
        }
        return Cover.of(places).parts();
    }

    private static List<LocatedFinding> sure(Matter m) {
        List<LocatedFinding> sure = m.findings().stream()
                .filter(f -> f.finding().certainty().isTaken())
                .toList();
        return sure.isEmpty() ? m.findings() : sure;
    }

    private static Extent around(String branch, Extent extent, Case c) {
        long room = c.rules().judging().around().mm();
        Station from = snapped(branch, extent.from(), new Station(extent.from().mm() - room), c);
        Station to = snapped(branch, extent.to(), new Station(extent.to().mm() + room), c);
        return owners(branch, c.within(branch, new Extent(from, to)), c);
    }

    /** A change of pipe that lies between a place and its end is where the work ends: it is joined there anyway. */
    private static Station snapped(String branch, Station place, Station end, Case c) {
        return c.line().way(branch).stream()
                .flatMap(w -> w.spans().stream())
                .flatMap(s -> List.of(s.extent().from(), s.extent().to()).stream())
                .filter(s -> Extent.between(place, end).covers(s) && !s.equals(place))
                .findFirst()
                .orElse(end);
    }

    /** The stretch between two changes of pipe that a matter lies in, as far as it is the owner's. */
    static Optional<Extent> stretch(Matter m, Case c) {
        return m.extent().flatMap(e -> stretch(m.branch(), e, c));
    }

    static Optional<Extent> stretch(String branch, Extent extent, Case c) {
        return c.spans(branch, extent).stream()
                .map(PipeSpan::extent)
                .reduce(Extent::joined)
                .map(e -> owners(branch, e, c));
    }

    /** What of a stretch of the line lies up to the owner's boundary. */
    private static Extent owners(String branch, Extent extent, Case c) {
        Optional<Station> boundary = c.line().whose().boundary();
        if (!branch.equals(Branch.LINE)
                || boundary.isEmpty()
                || boundary.get().compareTo(extent.from()) <= 0
                || boundary.get().compareTo(extent.to()) >= 0) {
            return extent;
        }
        return new Extent(extent.from(), boundary.get());
    }

    /** Whether a liner passes a stretch: no step or gap in it that the house rules call too large, and no wall that is gone. */
    static boolean isLinerPassing(String branch, Extent extent, Case c) {
        return tooLarge(branch, extent, c).isEmpty();
    }

    /** What a liner does not pass. */
    static List<LocatedFinding> tooLarge(String branch, Extent extent, Case c) {
        return c.on(branch, extent, STEPS).stream()
                .filter(f -> f.finding().certainty().isTaken() && isTooLarge(f, c))
                .toList();
    }

    private static final Collection<FindingKind> STEPS =
            List.of(FindingKind.OFFSET, FindingKind.GAP, FindingKind.DEFORMATION, FindingKind.BREAK);

    private static boolean isTooLarge(LocatedFinding f, Case c) {
        Optional<Distance> size = f.finding().traits().size();
        boolean heavy = f.finding()
                .traits()
                .degree()
                .filter(d -> d == hitch.core.finding.Degree.HEAVY)
                .isPresent();
        return switch (f.finding().kind()) {
            case OFFSET ->
                size.map(s -> s.compareTo(c.rules().judging().linerStep()) >= 0).orElse(heavy);
            case GAP ->
                size.map(s -> s.compareTo(c.rules().judging().linerGap()) > 0).orElse(heavy);
            default -> heavy;
        };
    }
}
