package hitch.core.detail;

/** What water did in the building at that moment. */
public enum Flow implements Worded {
    RUNNING("running"),
    STOPPED("stopped"),
    DRAINED("drained");

    private final String word;

    Flow(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
