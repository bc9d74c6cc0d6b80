package hitch.core.finding;

/** How much of it there is, where a word says so and no figure does. */
public enum Degree {
    LIGHT("light"),
    MEDIUM("medium"),
    HEAVY("heavy");

    private final String word;

    Degree(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
