package hitch.core.counter.sight;

import java.util.OptionalDouble;

/**
 * What the counter seems to show at a moment, before anything is known of how the cable moves.
 *
 * @param seconds time in the clip
 * @param value the number as shown, in its own unit; feet and inches as decimal feet; empty where nothing can be read
 * @param sure how sure its least sure digit is, 0 to 1
 * @param typed whether a person said so, who is always right
 */
public record RawReading(double seconds, OptionalDouble value, double sure, boolean typed) {
    /** What was read off a picture. */
    public RawReading(double seconds, OptionalDouble value, double sure) {
        this(seconds, value, sure, false);
    }

    /** What a person says that the counter shows. */
    public static RawReading typed(double seconds, double value) {
        return new RawReading(seconds, OptionalDouble.of(value), 1, true);
    }

    /** Nothing to be read. */
    public static RawReading none(double seconds) {
        return new RawReading(seconds, OptionalDouble.empty(), 0);
    }
}
