package hitch.core.disclosure;

import hitch.core.rules.HouseRules;
import hitch.core.rules.Rule;
import java.util.List;

/** Which house rules what a recipient is told rests on. */
final class RulesUsed {
    /** Rules that decide what is recorded, and where. */
    private static final List<String> RECORDED_BY =
            List.of("ownership.reach", "seeing.fastest", "seeing.back-preferred", "depths.locator-error");
    /** Rules that decide most of what is advised. */
    private static final List<String> JUDGED_BY = List.of(
            "judging.verdict",
            "judging.roots-by",
            "weighing.roots-to-mend",
            "weighing.offset-to-mend",
            "weighing.water-to-tend",
            "care.between-cleanings",
            "openings.every",
            "openings.bend");

    private RulesUsed() {}

    static List<Rule> of(HouseRules rules, boolean advised) {
        return Rule.of(rules).stream()
                .filter(r -> RECORDED_BY.contains(r.name()) || advised && JUDGED_BY.contains(r.name()))
                .toList();
    }
}
