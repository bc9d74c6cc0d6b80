package hitch.core.detail;

/** Which way an offset steps as the water runs. */
public enum Step implements Worded {
    /** The next length lies higher: solids are caught and water is held. */
    UP("up"),
    /** The next length lies lower: the flow falls over it. */
    DOWN("down");

    private final String word;

    Step(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
