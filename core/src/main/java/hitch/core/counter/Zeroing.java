package hitch.core.counter;

/**
 * The counter was set to nothing at a frame. Readings from here on count from {@code cable}.
 *
 * @param pts presentation time in the clip, ticks
 * @param cable cable already paid out at that moment, measured from the counter's first zero
 */
public record Zeroing(long pts, Distance cable) implements CounterMark {}
