package hitch.bench;

import java.util.Locale;

/** What a measured figure is allowed to be, and whether it is. */
public record Allowed(double bound, boolean upward) {
    static Allowed most(double bound) {
        return new Allowed(bound, true);
    }

    static Allowed least(double bound) {
        return new Allowed(bound, false);
    }

    boolean keeps(double measured) {
        return upward ? measured <= bound : measured >= bound;
    }

    /** The bound and the verdict, to stand behind a figure: {@code (at most 1.2): kept}. */
    String verdict(double measured) {
        return String.format(
                Locale.ROOT, "(at %s %s): %s", upward ? "most" : "least", plain(), keeps(measured) ? "kept" : "MISSED");
    }

    private String plain() {
        return bound == Math.rint(bound) ? Long.toString((long) bound) : Double.toString(bound);
    }
}
