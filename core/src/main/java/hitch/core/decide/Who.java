package hitch.core.decide;

/** Who is asked to do it. */
public enum Who {
    DRAIN_CLEANER("a drain cleaner"),
    PLUMBER("a licensed plumber"),
    CITY("the city or district"),
    SURVEYOR("a surveyor"),
    ARBORIST("an arborist"),
    CAMERA("a camera technician"),
    PEOPLE("those who live there"),
    NOBODY("nobody yet");

    private final String word;

    Who(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
