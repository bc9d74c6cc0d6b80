package hitch.core.survey;

import hitch.core.measure.Extent;

/**
 * A stretch that was passed and seen, but a part of its wall on no pass.
 *
 * @param branch where it lies
 * @param extent from station to station
 * @param hidden the part of the wall that was not seen
 * @param by what hid it, in words
 */
public record HiddenWall(String branch, Extent extent, Sectors hidden, String by) {}
