package hitch.core.pipe;

import hitch.core.measure.Station;
import java.util.Optional;

/**
 * A place where the pipe becomes another, going with the flow.
 *
 * @param at the station
 * @param before what the note says lies up the line of it, where it says so
 * @param after what lies down the line of it
 * @param sizeBefore likewise the size up the line
 * @param sizeAfter likewise the size down the line
 */
public record PipeChange(
        Station at,
        Optional<Material> before,
        Optional<Material> after,
        Optional<PipeSize> sizeBefore,
        Optional<PipeSize> sizeAfter) {}
