package hitch.core.judge.rule;

import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.remedy.Proposal;
import java.util.List;

/** Which ways there are to meet a matter, the one to take first. */
@FunctionalInterface
interface RemedyRule {
    List<Proposal> meet(Matter matter, Case in);
}
