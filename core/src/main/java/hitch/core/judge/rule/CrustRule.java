package hitch.core.judge.rule;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.pipe.Material;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/** Scale and lime come off where enough wall is left under them; where it is not, the pipe is at its end. */
final class CrustRule implements RemedyRule {
    private static final Set<FindingKind> OPEN = EnumSet.of(FindingKind.BREAK, FindingKind.HOLE, FindingKind.SOIL);

    @Override
    public List<Proposal> meet(Matter m, Case c) {
        Reason found = Repairs.found(m, c);
        List<Proposal> ways = new ArrayList<>();
        Proposal watch = Repairs.watch(
                m,
                c,
                "Leave the scale, and look again whether it has grown.",
                found,
                Reason.practice("A rough wall carries while the bore is open.", "scale"));
        if (m.weight().compareTo(Weight.WATCH) <= 0) {
            ways.add(watch);
        }
        List<Reason> thin = thin(m, c);
        if (thin.isEmpty()) {
            ways.add(descale(m, c, false, found));
            if (isIron(m, c)) {
                ways.add(descale(m, c, true, found));
            }
        }
        List<Reason> renew = new ArrayList<>(List.of(found));
        renew.addAll(thin);
        Repairs.replace(m, c, renew.toArray(Reason[]::new)).ifPresent(ways::add);
        if (!thin.isEmpty()) {
            Repairs.replaceAll(m.branch(), c, renew.toArray(Reason[]::new)).ifPresent(ways::add);
        }
        if (thin.isEmpty()) {
            Repairs.reline(m, c, found).ifPresent(ways::add);
        }
        if (m.weight().compareTo(Weight.WATCH) > 0) {
            ways.add(watch);
        }
        return ways;
    }

    private static Proposal descale(Matter m, Case c, boolean coated, Reason found) {
        List<Caution> cautions = new ArrayList<>(List.of(Caution.THIN_WALL, Caution.SEWER_GAS));
        List<Reason> because = new ArrayList<>(List.of(found));
        because.add(Reason.number(
                "It is done only where " + c.rules().judging().wallLeft() + " % of the wall or more is left.",
                "judging.wall-left-to-descale"));
        if (m.extent().filter(e -> c.isWeak(m.branch(), e)).isPresent()) {
            cautions.add(Caution.WEAK_PIPE);
        }
        return Proposal.of(
                        new Work.Descale(coated),
                        "Have the wall " + Where.words(m, c) + " descaled" + (coated ? " and coated" : "")
                                + ", and look again.")
                .because(because)
                .places(m.extent().stream().toList())
                .cautions(cautions)
                .unless(List.of("The wall shows thin once it is bare: then stop, and ask for a price on new pipe."))
                .build();
    }

    private static boolean isIron(Matter m, Case c) {
        return m.extent()
                .flatMap(e -> c.materialAt(m.branch(), e.middle()))
                .filter(p -> p == Material.CAST_IRON || p == Material.STEEL)
                .isPresent();
    }

    /** Why the wall may not bear it; empty where it may. */
    private static List<Reason> thin(Matter m, Case c) {
        List<Reason> why = new ArrayList<>();
        int least = c.rules().judging().wallLeft();
        OptionalInt left = m.findings().stream()
                .flatMap(f -> f.finding().traits().details().get(Detail.LEFT).stream())
                .mapToInt(l -> l)
                .min();
        if (left.isPresent() && left.getAsInt() < least) {
            why.add(Reason.number(
                    "Only " + left.getAsInt() + " % of the wall is left, where " + least + " % is asked for.",
                    "judging.wall-left-to-descale"));
        }
        List<LocatedFinding> open = m.extent()
                .map(e -> c.on(m.branch(), e, OPEN).stream()
                        .filter(f -> f.finding().certainty().isTaken())
                        .toList())
                .orElse(List.of());
        if (!open.isEmpty()) {
            why.add(Reason.found("The wall under it is open already.", open));
        }
        return why;
    }
}
