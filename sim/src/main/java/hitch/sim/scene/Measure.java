package hitch.sim.scene;

/** What the amount of a thing counts. */
public enum Measure {
    /** Nothing: it is there or it is not. */
    NONE("nothing", 0, 0),
    INCHES("inches", 0.01, 12),
    /** Share of the bore's area where it is fullest. */
    BORE("share of the bore", 0.01, 1),
    /** Share of the bore's height. */
    HEIGHT("share of the bore's height", 0.01, 1.3),
    /** How strongly, from hardly to all over. */
    DEGREE("degree", 0.05, 1),
    DEGREES("degrees", 1, 110);

    private final String words;
    private final double least;
    private final double most;

    Measure(String words, double least, double most) {
        this.words = words;
        this.least = least;
        this.most = most;
    }

    public String words() {
        return words;
    }

    boolean holds(double amount) {
        return amount >= least && amount <= most;
    }

    String range() {
        return this == NONE ? "no amount" : words + " from " + least + " to " + most;
    }
}
