package hitch.core.rules;

import hitch.core.measure.Distance;

/**
 * What a cleaning tool reaches.
 *
 * @param reach longest stretch it is pushed
 * @param bend degrees of bend in all that it passes
 */
public record ToolRules(Distance reach, int bend) implements RulePart {
    public ToolRules {
        LineRules.aboveNothing(reach);
    }

    @Override
    public String about() {
        return "what a tool reaches";
    }
}
