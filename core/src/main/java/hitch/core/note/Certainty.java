package hitch.core.note;

/** How sure the speaker is. */
public enum Certainty {
    SEEN("seen"),
    LIKELY("likely"),
    POSSIBLE("possible"),
    RULED_OUT("ruled out");

    private final String word;

    Certainty(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
