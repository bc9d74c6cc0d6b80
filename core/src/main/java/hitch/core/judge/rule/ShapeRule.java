package hitch.core.judge.rule;

import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import java.util.ArrayList;
import java.util.List;

/** Pipe pressed out of its round: what is smooth and whole is noted, what is sharp or swollen is watched, and dug where it is heavy. */
final class ShapeRule implements RemedyRule {
    @Override
    public List<Proposal> meet(Matter m, Case c) {
        Reason found = Repairs.found(m, c);
        List<Proposal> mend = new ArrayList<>();
        mend.add(Repairs.spot(
                m,
                c,
                found,
                Reason.practice("A liner only takes on the shape that is there; a dent is cut out.", "out of round")));
        Repairs.replace(m, c, found).ifPresent(mend::add);
        Proposal watch = Repairs.watch(
                m,
                c,
                "Leave it, and look again whether it has been pressed in further.",
                found,
                Reason.practice("While the bore stays open and the wall whole, it carries.", "out of round"));
        List<Proposal> ways = new ArrayList<>(mend);
        ways.add(m.weight().compareTo(Weight.WATCH) <= 0 ? 0 : ways.size(), watch);
        return ways;
    }
}
