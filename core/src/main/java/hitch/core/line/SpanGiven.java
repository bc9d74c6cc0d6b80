package hitch.core.line;

import java.util.Optional;

/**
 * What a person said a stretch of pipe is, whatever the changes say.
 *
 * @param branch the branch it lies on; {@link Branch#LINE} for the line
 * @param extent from station to station
 * @param material empty leaves what was reckoned
 * @param size empty leaves what was reckoned
 * @param lined whether a lining was put into it
 */
public record SpanGiven(
        String branch, Extent extent, Optional<Material> material, Optional<PipeSize> size, boolean lined) {}
