package hitch.core.judge.rule;

import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import java.util.ArrayList;
import java.util.List;

/** What closes the bore, or narrows it for no reason that is part of the pipe, is cleaned out and looked behind before anything else. */
final class BlockedRule implements RemedyRule {
    /** Whether a matter is met so, whatever else it is. */
    static boolean isFor(Matter m) {
        return m.theme() == Theme.BLOCKAGE
                || m.weight() == Weight.STOP && m.theme().closesTheBore();
    }

    @Override
    public List<Proposal> meet(Matter m, Case c) {
        boolean closed = m.weight() == Weight.STOP;
        List<Caution> cautions = new ArrayList<>(List.of(Caution.PRESSURE, Caution.SEWER_GAS));
        if (m.extent().filter(e -> c.isWeak(m.branch(), e)).isPresent()) {
            cautions.add(Caution.WEAK_PIPE);
        }
        String where = Where.words(m, c);
        return List.of(Proposal.of(
                        new Work.CleanAndLook(),
                        (closed ? "Have the line opened " : "Have what narrows the bore cleared out ") + where
                                + (closed ? " and cleaned" : "")
                                + ", then look again before any repair is priced.",
                        Repairs.found(m, c),
                        Reason.practice(
                                closed
                                        ? "A line too blocked to see cannot be judged, and a price before that is a guess."
                                        : "Solids catch on whatever takes part of the bore, and it hides the wall under it.",
                                "blocked"))
                .places(m.extent().stream().toList())
                .cautions(cautions)
                .unless(
                        List.of(
                                "It turns out to be part of the pipe, such as a dent or a pipe pushed in: then cleaning does nothing."))
                .build());
    }
}
