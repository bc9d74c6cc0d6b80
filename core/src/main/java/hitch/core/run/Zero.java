package hitch.core.run;

import hitch.core.measure.Distance;

/**
 * Where at the opening the counter was set to nothing.
 *
 * @param at lip or base
 * @param riser length of the opening from its lip to the pipe; not negative
 */
public record Zero(At at, Distance riser) {
    public static final Zero BASE = new Zero(At.BASE, Distance.ZERO);

    /** The two habits. */
    public enum At {
        /** At the top of the opening: the riser is part of what the counter shows. */
        LIP("lip"),
        /** Where the opening meets the pipe. */
        BASE("base");

        private final String word;

        At(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Zero {
        if (riser.mm() < 0) {
            throw new IllegalArgumentException("a riser has a length of nothing or more");
        }
    }

    /** What the counter counted before the head was in the pipe. */
    public Distance beforeThePipe() {
        return at == At.LIP ? riser : Distance.ZERO;
    }
}
