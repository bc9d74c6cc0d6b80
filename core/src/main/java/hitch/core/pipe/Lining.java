package hitch.core.pipe;

/** What was put into a pipe later, over its own wall. */
public enum Lining implements Wall {
    LINER("lined", 0xB9C3AE),
    COATING("coated", 0xC9C2A2);

    private final String word;
    private final int colour;

    Lining(String word, int colour) {
        this.word = word;
        this.colour = colour;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public int colour() {
        return colour;
    }

    @Override
    public Grain grain() {
        return Grain.SMOOTH;
    }
}
