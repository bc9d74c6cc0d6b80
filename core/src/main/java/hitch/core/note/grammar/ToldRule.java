package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;

/** What somebody told and nobody saw. */
final class ToldRule implements MoreRules.Rule {
    @Override
    public void read(Sense sense) {
        sense.find(BoundaryRule.TOLD).ifPresent(m -> {
            String who = m.has(1) ? m.group(1) : m.group(2);
            if (sense.found().isEmpty() && sense.has(Meaning.Place.class)) {
                sense.add(FindingKind.REMARK, m.first());
            }
            for (Candidate c : sense.found()) {
                if (c.isFinding()
                        && c.asks(Detail.WHO)
                        && c.certainty() != Certainty.RULED_OUT
                        && !c.is(FindingKind.ADVICE)) {
                    c.sure(Certainty.TOLD);
                    sense.sayWords(c, Detail.WHO, who, m);
                }
            }
        });
    }
}
