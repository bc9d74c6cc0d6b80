package hitch.core.rules;

import hitch.core.measure.Distance;

/**
 * How many openings a line should have.
 *
 * @param every longest stretch of pipe without an opening
 * @param bend degrees of bend in all between two openings, at most
 */
public record OpeningRules(Distance every, int bend) implements RulePart {
    public OpeningRules {
        LineRules.aboveNothing(every);
    }

    @Override
    public String about() {
        return "how many openings a line has";
    }
}
