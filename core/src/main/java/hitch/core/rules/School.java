package hitch.core.rules;

/** How a firm says what a line comes to. */
public enum School {
    GRADED("a graded statement"),
    PASS_OR_FAIL("pass or fail, with the reasons"),
    DESCRIBED("a description, and who should judge it");

    private final String word;

    School(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
