package hitch.core.decide;

/** How soon something is to be done, the soonest first. */
public enum When {
    NOW("now"),
    BEFORE_CLOSING("before closing"),
    WITHIN_MONTHS("within months"),
    WATCH("watch");

    private final String word;

    When(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public boolean isSoonerThan(When other) {
        return compareTo(other) < 0;
    }

    public When sooner(When other) {
        return compareTo(other) <= 0 ? this : other;
    }
}
