package hitch.core.counter.sight;

import hitch.core.measure.Distance;

/** What a counter counts in. */
public enum CounterUnit {
    FEET("ft", Distance.MM_PER_FOOT),
    FEET_INCHES("ft", Distance.MM_PER_FOOT),
    METRES("m", 1000),
    /** Nobody said, and nothing is written there. */
    UNSAID("ft", Distance.MM_PER_FOOT);

    private final String word;
    private final double mm;

    CounterUnit(String word, double mm) {
        this.word = word;
        this.mm = mm;
    }

    /** The unit that readings are given in: {@code ft} or {@code m}; feet where nothing is said. */
    public String word() {
        return word;
    }

    /** Length of the unit that readings are given in, millimetres. */
    public double mm() {
        return mm;
    }
}
