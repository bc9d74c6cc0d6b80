package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;

/**
 * A depth that was measured from above.
 *
 * @param finding its id
 * @param branch where
 * @param at the station of the camera head
 * @param depth from the surface to the head
 * @param invert from the surface to the bottom of the pipe: the depth and the height of the head above it
 * @param level height of the bottom of the pipe in the ground's levels, millimetres; negative below them
 * @param error standard error of the depth, millimetres
 * @param ground what stands above it
 */
public record Locate(
        FindingId finding,
        String branch,
        Station at,
        Distance depth,
        Distance invert,
        double level,
        double error,
        GroundMark ground) {}
