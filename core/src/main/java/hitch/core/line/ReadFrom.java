package hitch.core.line;

/** What distances along the line are read from; the line itself stays as it is. */
public enum ReadFrom {
    OPENING("the opening"),
    WALL("the building wall"),
    MAIN("the main"),
    BOUNDARY("the boundary");

    private final String word;

    ReadFrom(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
