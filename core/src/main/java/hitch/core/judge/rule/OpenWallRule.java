package hitch.core.judge.rule;

import hitch.core.decide.When;
import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where the wall is open, soil washes in and the ground above can settle: soon, and at once where soil moves or something stands on it. */
final class OpenWallRule implements RemedyRule {
    @Override
    public List<Proposal> meet(Matter m, Case c) {
        List<Reason> soon = urgent(m, c);
        List<Reason> because = new ArrayList<>(List.of(
                Repairs.found(m, c),
                Reason.practice("Soil washes in through an open wall, and the ground above can settle.", "open wall")));
        because.addAll(soon);
        Optional<When> now = soon.isEmpty() ? Optional.empty() : Optional.of(When.NOW);
        List<Proposal> ways = new ArrayList<>();
        ways.add(Repairs.spot(m, c, because.toArray(Reason[]::new)).withSoonest(now));
        Repairs.reline(m, c, because.toArray(Reason[]::new))
                .map(p -> p.withSoonest(now))
                .ifPresent(ways::add);
        Repairs.replace(m, c, because.toArray(Reason[]::new))
                .map(p -> p.withSoonest(now))
                .ifPresent(ways::add);
        return ways;
    }

    /** Why it cannot wait; empty where it can, for a while. */
    private static List<Reason> urgent(Matter m, Case c) {
        List<Reason> why = new ArrayList<>();
        List<LocatedFinding> soil = m.all().stream()
                .filter(f -> f.finding().certainty().isTaken())
                .filter(f -> f.finding().kind() == FindingKind.SOIL
                        || f.finding()
                                .traits()
                                .details()
                                .get(Detail.STATE)
                                .filter(s -> s == State.VOID)
                                .isPresent())
                .toList();
        if (!soil.isEmpty()) {
            why.add(Reason.found("Soil comes in, or is gone behind the wall: it does not wait.", soil));
        }
        for (LocatedFinding found : m.findings()) {
            found.extent().ifPresent(e -> near(m, e, c).ifPresent(why::add));
        }
        return why.stream().distinct().toList();
    }

    private static Optional<Reason> near(Matter m, Extent at, Case c) {
        if (c.isUnder(m.branch(), at, Surface.STREET)) {
            return Optional.of(
                    Reason.practice("It lies under the street: what settles there is driven over.", "street"));
        }
        Distance footing = c.rules().judging().footing();
        return c.fromTheBuilding(m.branch(), at)
                .filter(d -> d.compareTo(footing) <= 0)
                .map(d -> Reason.number(
                        "It lies within " + c.show(footing)
                                + " of the building, where soil that runs off takes the footing's bearing.",
                        "judging.near-the-footing"));
    }
}
