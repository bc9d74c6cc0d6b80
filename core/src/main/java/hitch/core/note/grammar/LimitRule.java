package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** Why the camera went no farther. */
final class LimitRule implements MoreRules.Rule {
    private static final Pattern CABLE = Pattern.compile(
            "\\b(?:out of (?:push|cable|rod|line|hose|reach)|no more (?:push|cable|rod)|end of (?:my|the|our) (?:push|cable|rod)|(?:cable|rod|push) out|ran out)\\b");

    private static final Pattern BECAUSE =
            Pattern.compile("\\b(?:because of|due to|for the|by the|on the|by|on account of)\\b");

    @Override
    public void read(Sense sense) {
        sense.first(FindingKind.LIMIT).filter(l -> l.asks(Detail.CAUSE)).ifPresent(limit -> {
            if (sense.says(CABLE)) {
                sense.find(CABLE).ifPresent(m -> sense.say(limit, Detail.CAUSE, "cable", m));
                return;
            }
            sense.found().stream()
                    .filter(c ->
                            c.isCondition() && (c.at() < limit.at() && limit.at() - c.at() < 8 || sense.says(BECAUSE)))
                    .reduce((a, b) -> b)
                    .ifPresent(c -> limit.say(Detail.CAUSE, c.matter().word()));
        });
    }
}
