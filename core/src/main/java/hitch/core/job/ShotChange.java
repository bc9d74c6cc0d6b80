package hitch.core.job;

import java.util.Optional;

/**
 * What a person changed in one shot of a story. An empty change is none.
 *
 * @param narration words of their own in place of those proposed
 * @param before seconds of footage up to the frame, 0 to 600
 * @param after seconds of footage after it, likewise
 * @param leftOut whether the shot is not told at all
 * @param writtenOn fingerprint of the facts that the narration was written on; blank where it is as proposed
 */
public record ShotChange(
        Optional<String> narration,
        Optional<Double> before,
        Optional<Double> after,
        boolean leftOut,
        String writtenOn) {
    public static final ShotChange NONE =
            new ShotChange(Optional.empty(), Optional.empty(), Optional.empty(), false, "");

    private static final double LONGEST_S = 600;

    public ShotChange {
        before.ifPresent(ShotChange::inRange);
        after.ifPresent(ShotChange::inRange);
        writtenOn = narration.isEmpty() ? "" : writtenOn;
    }

    private static void inRange(double seconds) {
        if (!(seconds >= 0 && seconds <= LONGEST_S)) {
            throw new IllegalArgumentException("a shot runs 0 to " + (int) LONGEST_S + " seconds, not " + seconds);
        }
    }

    /**
     * The same in words of their own.
     *
     * @param facts fingerprint of what they were written on
     */
    public ShotChange saying(String words, String facts) {
        return new ShotChange(Optional.of(words), before, after, leftOut, facts);
    }

    /** The same in the words proposed. */
    public ShotChange asProposed() {
        return new ShotChange(Optional.empty(), before, after, leftOut, "");
    }

    public ShotChange lasting(Optional<Double> upTo, Optional<Double> on) {
        return new ShotChange(narration, upTo, on, leftOut, writtenOn);
    }

    public ShotChange leftOut(boolean out) {
        return new ShotChange(narration, before, after, out, writtenOn);
    }
}
