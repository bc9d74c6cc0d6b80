package hitch.core.finding;

/** How much a finding asks for; shown as that many knots on the rope. */
public enum Weight {
    NOTED("noted", "nothing to do"),
    WATCH("watch", "look again at the next cleaning"),
    TEND("tend", "needs care soon"),
    MEND("mend", "needs a repair"),
    STOP("stop", "the line cannot serve like this");

    private final String word;
    private final String meaning;

    Weight(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    public String word() {
        return word;
    }

    public String meaning() {
        return meaning;
    }

    /** Knots on the rope, 0 to 4. */
    public int knots() {
        return ordinal();
    }
}
