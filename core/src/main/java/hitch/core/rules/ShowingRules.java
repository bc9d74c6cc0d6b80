package hitch.core.rules;

/**
 * How a film goes along the pipe, and how much footage is shown round a finding's frame.
 *
 * @param before seconds before it
 * @param after seconds after it
 * @param walk which way a film goes
 */
public record ShowingRules(double before, double after, Walk walk) implements RulePart {
    /** Which way a film goes along a run. */
    public enum Walk {
        /** From the opening outward. */
        OUT,
        /** From the far end back to the opening. */
        BACK
    }

    public ShowingRules {
        walk = walk == null ? Walk.OUT : walk;
    }

    public ShowingRules(double before, double after) {
        this(before, after, Walk.OUT);
    }

    @Override
    public String about() {
        return "how a film goes and how much footage is shown";
    }
}
