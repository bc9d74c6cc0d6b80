package hitch.core.counter;

/** Which way the camera head goes during a pass. */
public enum Heading {
    OUT("out"),
    BACK("back"),
    STILL("still");

    private final String word;

    Heading(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
