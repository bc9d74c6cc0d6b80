package hitch.core.pipe;

import hitch.core.measure.Station;

/**
 * A place where the pipe becomes another, going with the flow.
 *
 * @param at the station
 * @param before what lies up the line of it, as far as the note says
 * @param after what lies down the line of it
 */
public record PipeChange(Station at, Pipe before, Pipe after) {}
