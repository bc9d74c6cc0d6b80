package hitch.core.propose;

import java.util.OptionalDouble;

/** What a clip on no run is, as far as its counter and its pictures tell. */
public enum OffRun {
    ABOVE_GROUND("above ground"),
    NOT_PLACED("on no run");

    /** Pictures that are not dark where a pipe would go, share of all. */
    private static final double OPEN_AIR = 0.6;

    private final String word;

    OffRun(String word) {
        this.word = word;
    }

    /**
     * A clip that nobody has looked at yet is taken for one above ground.
     *
     * @param counted whether a counter was read on it
     * @param openAir share of its pictures that look like the open air, 0 to 1; empty where nobody looked
     */
    public static OffRun of(boolean counted, OptionalDouble openAir) {
        return counted || openAir.isPresent() && !isAir(openAir) ? NOT_PLACED : ABOVE_GROUND;
    }

    static boolean isAir(OptionalDouble openAir) {
        return openAir.orElse(0) >= OPEN_AIR;
    }

    public String word() {
        return word;
    }
}
