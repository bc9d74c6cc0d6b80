package hitch.core.finding;

/** Whether what was seen at a moment is still so, or belonged to that moment only. */
public enum Lasting {
    /** It is part of the pipe, or sits in it. */
    LASTS(""),
    /** Water that was seen again on a later pass, or after it could drain: a sag. */
    STANDS("still stood on a later pass"),
    /** Water that nobody waited for. */
    NOT_WAITED("not known whether it drains"),
    /** Water that was gone later. */
    DRAINED("had drained later"),
    /** It was pushed along, or hung on the camera. */
    MOVED("moved while the camera was in the pipe"),
    /** The camera's head broke it or knocked it loose. */
    BROKEN_BY_THE_CAMERA("the camera broke through it"),
    /** It came in with the visit: soil with the cap, a rag with the camera. */
    OURS("the visit itself brought it in"),
    /** The pipe was cleaned after it was seen, and looked at again. */
    CLEANED_SINCE("before the cleaning");

    private final String word;

    Lasting(String word) {
        this.word = word;
    }

    /** In words, as they stand behind the finding; empty for what lasts. */
    public String word() {
        return word;
    }

    /** Whether it is no longer so, and asks for nothing. */
    public boolean isOver() {
        return this == DRAINED || this == CLEANED_SINCE || this == OURS;
    }
}
