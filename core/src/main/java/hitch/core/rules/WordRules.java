package hitch.core.rules;

import hitch.core.finding.FindingKind;
import java.util.Map;

/**
 * The firm's own words for what is found.
 *
 * @param kinds each word, lower case, and the kind it names
 */
public record WordRules(Map<String, FindingKind> kinds) implements RulePart {
    public static final WordRules NONE = new WordRules(Map.of());

    public WordRules {
        kinds = Map.copyOf(kinds);
    }

    @Override
    public String about() {
        return "the firm's own words";
    }
}
