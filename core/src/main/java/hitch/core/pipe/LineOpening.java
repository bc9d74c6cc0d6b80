package hitch.core.pipe;

import hitch.core.finding.FindingId;
import hitch.core.line.Opening.Ways;
import hitch.core.line.OpeningKind;
import hitch.core.line.PipeSize;
import hitch.core.line.Station;
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
