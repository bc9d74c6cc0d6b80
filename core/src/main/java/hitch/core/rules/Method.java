package hitch.core.rules;

import java.util.Arrays;
import java.util.Optional;

/** What a firm has a price for. */
public enum Method {
    CUT("cutting"),
    JET("jetting"),
    FOAM("root foam"),
    CLEAN("cleaning"),
    LOOK("camera look"),
    LOCATE("locating"),
    TEST("testing"),
    DESCALE("descaling"),
    COAT("coating"),
    OPENING("opening"),
    SPOT("spot repair"),
    RELINE("relining"),
    REPLACE("replacing"),
    /** Making good what lies above. */
    SURFACE("surface"),
    MOBILISE("mobilisation"),
    PERMIT("permit"),
    /** The least that any work of a kind costs. */
    LEAST("least charge");

    private final String word;

    Method(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public static Optional<Method> of(String word) {
        return Arrays.stream(values())
                .filter(m -> m.word.equals(word.strip().toLowerCase(java.util.Locale.ROOT)))
                .findFirst();
    }
}
