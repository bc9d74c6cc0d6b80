package hitch.core.judge.rule;

import hitch.core.detail.Detail;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.visit.Change;
import hitch.core.measure.Inches;
import java.util.ArrayList;
import java.util.List;

/**
 * Offsets and gaps are watched while they are small and clean, relined while a liner passes, and dug after that. A step down with the
 * flow is minor; one up against it catches what should pass.
 */
final class StepsRule implements RemedyRule {
    @Override
    public List<Proposal> meet(Matter m, Case c) {
        Reason found = Repairs.found(m, c);
        List<Proposal> mend = new ArrayList<>();
        Reason caught = caught(m);
        Repairs.reline(m, c, found, caught).ifPresent(mend::add);
        List<Reason> dig = new ArrayList<>(List.of(found));
        List<LocatedFinding> large =
                m.extent().map(e -> Where.tooLarge(m.branch(), e, c)).orElse(List.of());
        if (!large.isEmpty()) {
            dig.add(Reason.number(
                    "A liner folds over a step of "
                            + Inches.show(c.rules().judging().linerStep())
                            + " and hangs free over a gap of more than "
                            + Inches.show(c.rules().judging().linerGap()) + ": what is larger is dug.",
                    "judging.liner-step"));
        }
        mend.add(Repairs.spot(m, c, dig.toArray(Reason[]::new)));
        Repairs.replace(m, c, found).ifPresent(mend::add);
        Proposal watch = Repairs.watch(m, c, "Leave it, and look again whether it has moved.", found, small(m));
        List<Proposal> ways = new ArrayList<>();
        if (m.weight().compareTo(Weight.WATCH) <= 0 && !hasGrown(m, c)) {
            ways.add(watch);
            ways.addAll(mend);
        } else {
            ways.addAll(mend);
            ways.add(watch);
        }
        return ways;
    }

    private static boolean hasGrown(Matter m, Case c) {
        return m.findings().stream()
                .anyMatch(f ->
                        c.change(f).filter(k -> k.kind() == Change.Kind.GREW).isPresent());
    }

    private static Reason small(Matter m) {
        return Reason.number(
                m.weight().compareTo(Weight.WATCH) <= 0
                        ? "What is small and holds nothing back stands for years."
                        : "It has stood so far; what hangs on it must be kept cleaned off.",
                "weighing.offset-to-tend");
    }

    private static Reason caught(Matter m) {
        boolean holds = !m.effects().isEmpty()
                || m.findings().stream()
                        .anyMatch(f -> f.finding().traits().details().has(Detail.HOLDS));
        return Reason.practice(
                holds
                        ? "It holds back what should pass, and clearing it settles that too."
                        : "A step against the flow catches paper and holds it; once it grows, only digging will do.",
                "offsets");
    }
}
