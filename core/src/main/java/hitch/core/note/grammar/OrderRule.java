package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** "Coupling ok": a part of the pipe that was looked at and found to be as it should. */
final class OrderRule implements MoreRules.Rule {
    private static final Pattern GOOD = Pattern.compile(
            "^[ :,=-]*(?:(?:is|are|s|looks?|looking|all|still|pretty|nice|and|seems?|there|here) )*(?:ok|okay|good|fine|tight|solid|intact|sound|clean|nice)\\b(?! (?:sized?|amount|bit|many))");

    @Override
    public void read(Sense sense) {
        for (Candidate joint : sense.of(FindingKind.JOINT)) {
            if (sense.typed() && joint.asks(Detail.STATE) && sense.text().matches(".*\\b(?:clear|clean)\\b.*")) {
                joint.say(Detail.STATE, State.CLEAR);
            }
        }
        for (Candidate part : sense.of(
                FindingKind.COUPLING,
                FindingKind.REPAIR,
                FindingKind.BACKWATER_VALVE,
                FindingKind.TIE_IN,
                FindingKind.OPENING)) {
            StringBuilder after = new StringBuilder();
            for (int i = part.at() + 1; i < Math.min(sense.parts().size(), part.at() + 5); i++) {
                after.append(after.isEmpty() ? "" : " ")
                        .append(sense.parts().at(i).text());
            }
            if (part.asks(Detail.STATE) && GOOD.matcher(after).find()) {
                part.say(Detail.STATE, State.IN_ORDER).understanding(Detail.STATE, part.at() + 1, part.at() + 1);
            }
        }
    }
}
