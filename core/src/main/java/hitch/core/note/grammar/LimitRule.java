package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.regex.Pattern;

/** Why the camera went no farther. */
final class LimitRule implements MoreRules.Rule {
    private static final Pattern CABLE = Pattern.compile(
            "\\b(?:out of (?:push|cable|rod|line|hose|reach)|no more (?:push|cable|rod)|end of (?:my|the|our) (?:push|cable|rod)|(?:cables?|rods?|push) (?:is )?(?:all )?out|ran out|no (?:cable|rod) left|that is all the cable|all the cable)\\b");

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
                    .filter(c -> c.isCondition()
                            && (c.at() < limit.at() && limit.at() - c.at() < 8
                                    || sense.says(BECAUSE)
                                    || sense.typed() && isNextTo(c, limit, sense)))
                    .reduce((a, b) -> b)
                    .ifPresent(c -> limit.say(Detail.CAUSE, c.matter().word()));
        });
    }

    /** "Stopped at 57, roots": typed right behind it, with no place of its own. */
    private static boolean isNextTo(Candidate c, Candidate limit, Sense sense) {
        int own = sense.next(c.at() + 1, Meaning.Place.class);
        return c.at() > limit.at() && c.at() - limit.at() <= 4 && own < 0;
    }
}
