package hitch.core.judge.verdict;

import hitch.core.finding.Weight;

/** What the owner's pipe comes to, the best first. */
public enum Grade {
    IN_ORDER("in order"),
    TO_WATCH("to watch"),
    NEEDS_CARE("needs care"),
    NEEDS_REPAIR("needs a repair"),
    CANNOT_SERVE("cannot serve"),
    /** Too little of it was seen, or it is blocked: neither good nor bad is said of it. */
    NOT_JUDGED("not judged");

    private final String word;

    Grade(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    static Grade of(Weight heaviest) {
        return switch (heaviest) {
            case NOTED -> IN_ORDER;
            case WATCH -> TO_WATCH;
            case TEND -> NEEDS_CARE;
            case MEND -> NEEDS_REPAIR;
            case STOP -> CANNOT_SERVE;
        };
    }
}
