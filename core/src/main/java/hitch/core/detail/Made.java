package hitch.core.detail;

/** How a connection was made. */
public enum Made implements Worded {
    FITTING("fitting"),
    /** A hole was knocked into the pipe and another put through it. */
    BREAK_IN("break-in"),
    SADDLE("saddle");

    private final String word;

    Made(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
