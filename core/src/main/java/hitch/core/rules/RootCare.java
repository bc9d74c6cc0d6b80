package hitch.core.rules;

/** By what a firm has roots taken out. Weak pipe is cut whatever the firm prefers. */
public enum RootCare {
    WATER_WHERE_SOUND("water under pressure where the pipe is sound, a cutter where it is not"),
    CUTTER("a cutter, always");

    private final String word;

    RootCare(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
