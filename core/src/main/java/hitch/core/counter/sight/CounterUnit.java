package hitch.core.counter.sight;

/** What a counter says it counts in, by what is written behind its number. */
public enum CounterUnit {
    FEET("ft", 304.8),
    FEET_INCHES("ft", 304.8),
    METRES("m", 1000),
    /** Nothing is written there. */
    UNSAID("ft", 304.8);

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
