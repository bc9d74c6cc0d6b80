package hitch.core.rules;

import hitch.core.measure.Distance;

/** The firm's rules for the pipe itself. All are the firm's opinion, to be edited; local code decides where it speaks. */
public record LineRules(
        OwnerRules ownership, SeeingRules seeing, OpeningRules openings, ToolRules tools, DepthRules depths) {
    static void aboveNothing(Distance length) {
        if (length.mm() <= 0) {
            throw new IllegalArgumentException("a rule's length is above nothing");
        }
    }

    /** How far the owner's pipe goes. */
    public OwnersReach owners() {
        return ownership.reach();
    }
}
