package hitch.core.detail;

/** Which way along a public main. */
public enum Way implements Worded {
    UPSTREAM("upstream"),
    DOWNSTREAM("downstream");

    private final String word;

    Way(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
