package hitch.core.counter;

/**
 * A stretch of a clip in which the head goes one way.
 *
 * @param fromPts first tick of the stretch
 * @param toPts tick at which the next stretch begins
 * @param heading which way
 */
public record Pass(long fromPts, long toPts, Heading heading) {}
