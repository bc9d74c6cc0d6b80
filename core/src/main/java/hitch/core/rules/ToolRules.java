package hitch.core.rules;

import hitch.core.measure.Distance;

/**
 * What a cleaning tool reaches.
 *
 * @param reach longest stretch it is pushed
 * @param bend degrees of bend in all that it passes
 * @param step height of a step against its way that stops it
 */
public record ToolRules(Distance reach, int bend, Distance step) implements RulePart {
    /** What rules hold that were kept before steps were one of them. */
    private static final Distance USUAL_STEP = Distance.inches(1);

    public ToolRules {
        LineRules.aboveNothing(reach);
        step = step == null ? USUAL_STEP : step;
        LineRules.aboveNothing(step);
    }

    public ToolRules(Distance reach, int bend) {
        this(reach, bend, USUAL_STEP);
    }

    @Override
    public String about() {
        return "what a tool reaches";
    }
}
