package hitch.core.detail;

/** How a wall was pressed out of its round. */
public enum Shape implements Worded {
    SMOOTH("smooth"),
    /** With an edge or a crease, as from a rock or a blow. */
    SHARP("sharp");

    private final String word;

    Shape(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
