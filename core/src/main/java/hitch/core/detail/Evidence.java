package hitch.core.detail;

/** What a boundary, or whose main it is, is known by. */
public enum Evidence implements Worded {
    /** An opening of the district's own stands there. */
    OWN_OPENING("district's opening"),
    /** A weak sign: pipes are changed in the middle of yards too. */
    PIPE_CHANGE("material change"),
    PAINT("paint mark"),
    MAP("map"),
    WORD("owner's word"),
    LOCATE("locate"),
    FLOW("flow");

    private final String word;

    Evidence(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
