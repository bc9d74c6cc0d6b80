package hitch.core.rules;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * One house rule as it is shown and looked for.
 *
 * @param name its name, such as {@code judging.liner-step}
 * @param title what it is called, such as {@code A liner passes steps under}
 * @param value as it stands, with its unit
 * @param reason why it stands so where nobody changed it
 */
public record Rule(String name, String title, String value, String reason) {
    /** Every rule of a set, in the order in which they are told; the firm's own words are no rules. */
    public static List<Rule> of(HouseRules rules) {
        Map<String, String> values = RulesText.lines(rules);
        List<Rule> all = new ArrayList<>();
        StringBuilder above = new StringBuilder();
        for (String line : RulesText.shippedText().lines().toList()) {
            if (line.startsWith("#")) {
                above.append(line.substring(1).strip()).append(' ');
            } else if (line.contains("=")) {
                String name = line.substring(0, line.indexOf('=')).strip();
                String text = above.toString().strip();
                int colon = text.indexOf(": ");
                all.add(new Rule(
                        name,
                        colon < 0 ? name : text.substring(0, colon),
                        values.getOrDefault(name, "none"),
                        colon < 0 ? text : text.substring(colon + 2)));
                above.setLength(0);
            } else {
                above.setLength(0);
            }
        }
        return List.copyOf(all);
    }

    /** What it can be, where it is one of a few things; empty where it is a number. */
    public List<String> choices() {
        return switch (name) {
            case "judging.verdict" -> words(School.values());
            case "judging.roots-by" -> words(RootCare.values());
            case "ownership.reach" -> words(OwnersReach.values());
            case "judging.root-foam", "seeing.back-preferred" -> List.of("yes", "no");
            default -> List.of();
        };
    }

    private static List<String> words(Enum<?>[] values) {
        return Arrays.stream(values).map(RuleLines::word).toList();
    }

    /** Whether it speaks of something, in any case. */
    public boolean speaksOf(String sought) {
        String words = (name + " " + title + " " + reason).toLowerCase(java.util.Locale.ROOT);
        return List.of(sought.toLowerCase(java.util.Locale.ROOT).strip().split("\\s+")).stream()
                .allMatch(words::contains);
    }
}
