package hitch.core.judge.rule;

import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import java.util.ArrayList;
import java.util.List;

/** A crack whose pieces still hold each other is watched while it is fine, and relined before they move. */
final class CracksRule implements RemedyRule {
    @Override
    public List<Proposal> meet(Matter m, Case c) {
        Reason found = Repairs.found(m, c);
        List<Proposal> mend = new ArrayList<>();
        Repairs.reline(
                        m,
                        c,
                        found,
                        Reason.practice("A liner holds the pieces together while they still are in place.", "cracks"))
                .ifPresent(mend::add);
        mend.add(Repairs.spot(m, c, found));
        Repairs.replace(m, c, found).ifPresent(mend::add);
        Proposal watch = Repairs.watch(
                m,
                c,
                "Leave the crack, and look again whether it has opened.",
                found,
                Reason.practice("A fine crack in pipe that keeps its round can stand for years.", "cracks"));
        List<Proposal> ways = new ArrayList<>(mend);
        ways.add(m.weight().compareTo(Weight.WATCH) <= 0 ? 0 : ways.size(), watch);
        return ways;
    }
}
