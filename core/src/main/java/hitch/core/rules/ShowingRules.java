package hitch.core.rules;

/**
 * How much footage is shown round a finding's frame.
 *
 * @param before seconds before it
 * @param after seconds after it
 */
public record ShowingRules(double before, double after) implements RulePart {
    @Override
    public String about() {
        return "how much footage is shown";
    }
}
