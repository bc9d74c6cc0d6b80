package hitch.core.counter;

import hitch.core.measure.LengthUnit;

/**
 * What a clip's counter as a whole was taken for.
 *
 * @param unit what it counts in
 * @param unitSure whether that is known; else it is a question, and no moment of the clip is trusted much
 * @param upSure whether it is known which way up the counter stands
 */
public record Counted(LengthUnit unit, boolean unitSure, boolean upSure) {
    /** The most that a moment is trusted while the unit is a question. */
    public static final double UNIT_ASKED = 0.75;

    /** The most that a moment is trusted while it is a question which way up the counter stands. */
    public static final double UP_ASKED = 0.5;

    /** The most that a moment of the clip can be trusted. */
    public double most() {
        return Math.min(unitSure ? 1 : UNIT_ASKED, upSure ? 1 : UP_ASKED);
    }
}
