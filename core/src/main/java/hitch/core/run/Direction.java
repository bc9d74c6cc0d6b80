package hitch.core.run;

/** Which way a run leaves its opening. */
public enum Direction {
    WITH_FLOW("toward the main", "with the flow", 1),
    AGAINST_FLOW("toward the building", "against the flow", -1);

    private final String toward;
    private final String flow;
    private final int sign;

    Direction(String toward, String flow, int sign) {
        this.toward = toward;
        this.flow = flow;
        this.sign = sign;
    }

    public Direction other() {
        return this == WITH_FLOW ? AGAINST_FLOW : WITH_FLOW;
    }

    public String toward() {
        return toward;
    }

    public String flow() {
        return flow;
    }

    /** +1 where stations rise as cable is paid out, -1 where they fall. */
    public int sign() {
        return sign;
    }
}
