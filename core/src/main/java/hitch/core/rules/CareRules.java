package hitch.core.rules;

/**
 * How often the line is cared for.
 *
 * @param monthsBetweenCleanings months until the next cleaning where roots were found
 */
public record CareRules(int monthsBetweenCleanings) implements RulePart {
    @Override
    public String about() {
        return "how often the line is cleaned";
    }
}
