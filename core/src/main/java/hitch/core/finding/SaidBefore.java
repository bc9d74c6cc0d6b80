package hitch.core.finding;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What was noted before comes again by its first letters. */
public final class SaidBefore {
    /** So many letters tell what is meant. */
    private static final int LETTERS = 2;

    private SaidBefore() {}

    /** The words of the newest finding that begin as typed and go on; empty where none do. */
    public static Optional<String> starting(List<Finding> findings, String typed) {
        String start = typed.stripLeading().toLowerCase(Locale.ROOT);
        if (start.length() < LETTERS) {
            return Optional.empty();
        }
        return findings.reversed().stream()
                .map(Finding::wording)
                .filter(w -> w.length() > start.stripTrailing().length()
                        && w.toLowerCase(Locale.ROOT).startsWith(start))
                .findFirst();
    }
}
