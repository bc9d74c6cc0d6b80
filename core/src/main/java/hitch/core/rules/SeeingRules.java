package hitch.core.rules;

import hitch.core.measure.Distance;

/**
 * What counts as seen.
 *
 * @param fastest length of pipe a second above which it is passed too fast to be seen well
 * @param backPreferred whether a picture from the way back is preferred
 */
public record SeeingRules(Distance fastest, boolean backPreferred) implements RulePart {
    public SeeingRules {
        LineRules.aboveNothing(fastest);
    }

    @Override
    public String about() {
        return "what counts as seen";
    }
}
