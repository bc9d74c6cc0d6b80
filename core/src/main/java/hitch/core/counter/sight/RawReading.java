package hitch.core.counter.sight;

import java.util.OptionalDouble;

/**
 * What the counter seems to show at a moment, before anything is known of how the cable moves.
 *
 * @param seconds time in the clip
 * @param value the number as shown, in its own unit; feet and inches as decimal feet; empty where nothing can be read
 * @param sure how sure its least sure digit is, 0 to 1
 */
public record RawReading(double seconds, OptionalDouble value, double sure) {}
