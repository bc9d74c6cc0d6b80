package hitch.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * One rule that stands differently in two sets of rules.
 *
 * @param rule its name, such as {@code weighing.roots-to-mend}
 * @param here as it stands in the first; empty where it does not
 * @param there as it stands in the second; empty likewise
 */
public record RuleChange(String rule, String here, String there) {
    /** What differs between two sets of rules, in the order in which rules are told. */
    public static List<RuleChange> between(HouseRules first, HouseRules second) {
        Map<String, String> here = RulesText.lines(first);
        Map<String, String> there = RulesText.lines(second);
        List<RuleChange> changes = new ArrayList<>();
        here.forEach((rule, value) -> {
            String other = there.getOrDefault(rule, "");
            if (!other.equals(value)) {
                changes.add(new RuleChange(rule, value, other));
            }
        });
        there.forEach((rule, value) -> {
            if (!here.containsKey(rule)) {
                changes.add(new RuleChange(rule, "", value));
            }
        });
        if (!first.prices().equals(second.prices())) {
            changes.add(new RuleChange("prices", told(first.prices()), told(second.prices())));
        }
        return List.copyOf(changes);
    }

    private static String told(PriceBook book) {
        return book.isEmpty() ? "" : book.prices().size() + " prices";
    }

    /** What the rule is about, in words: {@code weighing roots to mend}. */
    public String words() {
        return rule.replace('.', ' ').replace('-', ' ');
    }
}
