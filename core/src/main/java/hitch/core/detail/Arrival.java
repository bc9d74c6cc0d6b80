package hitch.core.detail;

/** What became of the water of a fixture that was run. */
public enum Arrival implements Worded {
    SEEN("seen"),
    HEARD("heard"),
    /** It was watched for and never came. */
    NO("no"),
    UNTESTED("untested");

    private final String word;

    Arrival(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
