package hitch.core.survey;

import hitch.core.measure.Extent;

/**
 * A stretch of pipe that was seen alike throughout.
 *
 * @param branch where it lies
 * @param extent from station to station
 * @param out how it was seen on the way out
 * @param back how on the way back
 * @param best the better of both
 * @param why what was wrong, where it was not seen well; else empty
 */
public record SeenPart(String branch, Extent extent, Look out, Look back, Look best, String why) {}
