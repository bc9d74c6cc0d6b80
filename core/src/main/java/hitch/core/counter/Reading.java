package hitch.core.counter;

/**
 * What the counter shows at a frame.
 *
 * @param pts presentation time in the clip, ticks
 * @param shown the number on the picture as a length, 0 or more
 */
public record Reading(long pts, Distance shown) implements CounterMark {}
