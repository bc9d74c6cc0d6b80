package hitch.core.detail;

/** How something was found, or what became of it. */
public enum State implements Worded {
    IN_ORDER("in order"),
    /** Looked at, and nothing was there. */
    CLEAR("clear"),
    SEALED("sealed"),
    NOT_SEALED("not sealed"),
    /** Ground water comes in. */
    LEAKING("leaking"),
    OPEN_TO_SOIL("open to soil"),
    /** The soil outside has been washed away. */
    VOID("void behind it"),
    /** Ends of roots that a cutter left hanging. */
    HANGERS("hangers left"),
    /** Water that stayed when nothing ran. */
    STILL_STANDING("still standing"),
    /** Water that went when nothing ran. */
    DRAINED("drained"),
    /** It was pushed or washed along. */
    MOVED("moved"),
    CLEARED("cleared by the camera"),
    /** It came in with the visit itself. */
    CAUSED("caused by us");

    private final String word;

    State(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** Whether it tells what became of a thing during the visit, rather than how it is made. */
    public boolean isOfTheMoment() {
        return switch (this) {
            case STILL_STANDING, DRAINED, MOVED, CLEARED, CAUSED -> true;
            default -> false;
        };
    }
}
