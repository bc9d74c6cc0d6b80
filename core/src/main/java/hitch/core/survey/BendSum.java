package hitch.core.survey;

import hitch.core.measure.Extent;

/**
 * The bends between two openings, or between an opening and an end.
 *
 * @param branch the pipe
 * @param extent from one to the next; past its join it lies on the pipe that the branch joins
 * @param bends how many were seen
 * @param degrees of those whose degrees are known, in all
 * @param unsaid how many have no degrees
 */
public record BendSum(String branch, Extent extent, int bends, int degrees, int unsaid) {}
