package hitch.core.gauge;

/** What of a finding is measured on a picture. */
public enum SizeSort {
    STEP("step", false),
    GAP("gap", false),
    LENGTH("length", false),
    WIDTH("width", false),
    /** How deep water stands. */
    DEPTH("depth", false),
    /** Share of the bore that is taken. */
    SHARE("share taken", true),
    /** How much shorter the shortest way across is than a round pipe's, share of the bore. */
    OUT_OF_ROUND("out of round", true);

    private final String word;
    private final boolean percent;

    SizeSort(String word, boolean percent) {
        this.word = word;
        this.percent = percent;
    }

    public String word() {
        return word;
    }

    /** Whether it is a share of the bore in percent; else a length in millimetres. */
    public boolean isShare() {
        return percent;
    }
}
