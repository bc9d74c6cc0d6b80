package hitch.core.survey.align;

import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.run.RunId;

/**
 * A counter that lost or gained some of its count, as told by what was seen before and after.
 *
 * @param run the run
 * @param before the last frame known to lie before it
 * @param after the first frame known to lie after it; on a later clip where it happened between two
 * @param by what the counter shows too little after it; negative where it shows too much
 * @param seenBy how many things tell of it
 */
public record Slip(RunId run, FrameRef before, FrameRef after, Distance by, int seenBy) {}
