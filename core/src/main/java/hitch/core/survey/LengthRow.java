package hitch.core.survey;

import hitch.core.measure.Distance;

/**
 * How much there is of one sort of pipe.
 *
 * @param pipe the sort in words, such as {@code 4 in clay}
 * @param within length that is the owner's
 * @param beyond length past the boundary
 */
public record LengthRow(String pipe, Distance within, Distance beyond) {
    public Distance all() {
        return within.plus(beyond);
    }
}
