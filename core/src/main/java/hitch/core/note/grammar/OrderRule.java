package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** "Coupling ok": a part of the pipe that was looked at and found to be as it should. */
final class OrderRule implements MoreRules.Rule {
    private static final Pattern GOOD = Pattern.compile(
            "^[ :,=-]*(?:(?:is|are|s|looks?|looking|all|still|pretty|nice|and|seems?|there|here) )*(?:ok|okay|good|fine|tight|solid|intact|sound|clean|nice)\\b(?! (?:sized?|amount|bit|many))");

    private static final Pattern TIGHT =
            Pattern.compile("\\b(?:its|but|and|is|looks) (?:still |all )?(?:tight|solid|good|ok|okay|fine|holding)\\b");

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
            for (int i = part.at() + 1; i < Math.min(sense.parts().size(), part.at() + 14); i++) {
                boolean place = sense.parts().has(i, Meaning.Place.class)
                        || sense.parts().is(i, Glue.AT);
                after.append(place ? "" : " " + sense.parts().at(i).text());
            }
            if (part.asks(Detail.STATE)
                    && (GOOD.matcher(after).find()
                            || part.is(FindingKind.COUPLING)
                                    && TIGHT.matcher(after).find())) {
                part.say(Detail.STATE, State.IN_ORDER).understanding(Detail.STATE, part.at() + 1, part.at() + 1);
            }
        }
    }
}
