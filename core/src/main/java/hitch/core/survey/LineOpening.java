package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.measure.Station;
import hitch.core.pipe.Opening.Ways;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.PipeSize;
import java.util.Optional;

/**
 * A way into the line.
 *
 * @param name what people call it
 * @param place where it is, in words; may be empty
 * @param sort what sort it is
 * @param branch the pipe it opens
 * @param at its station
 * @param size how wide it is, where that is known
 * @param ways which ways a tool can go from it; not known where it was only seen from below
 * @param buried whether it must be dug for first
 * @param used whether a run began there
 * @param finding its finding, where the camera saw it
 */
public record LineOpening(
        String name,
        String place,
        OpeningKind sort,
        String branch,
        Station at,
        Optional<PipeSize> size,
        Optional<Ways> ways,
        boolean buried,
        boolean used,
        Optional<FindingId> finding) {}
