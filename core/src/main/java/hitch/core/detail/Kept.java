package hitch.core.detail;

/** Whether a promise to look again was kept. */
public enum Kept implements Worded {
    KEPT("kept"),
    NOT_KEPT("not kept");

    private final String word;

    Kept(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
