package hitch.core.detail;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How many have it, of how many that were looked at: nine of twenty-four joints.
 *
 * @param some how many, 0 or more
 * @param of of how many; 0 where that was not told
 */
public record Count(int some, int of) {
    private static final Pattern TEXT = Pattern.compile("(\\d{1,6})(?:\\s*(?:of|/)\\s*(\\d{1,6}))?");

    public Count {
        if (some < 0 || of != 0 && of < some) {
            throw new IllegalArgumentException("there cannot be " + some + " of " + of);
        }
    }

    /** How many, of how many not told. */
    public static Count of(int some) {
        return new Count(some, 0);
    }

    public String words() {
        return of == 0 ? String.valueOf(some) : some + " of " + of;
    }

    /** Reads {@code 9 of 24}, {@code 9/24} and {@code 9}. */
    public static Optional<Count> read(String text) {
        Matcher m = TEXT.matcher(text.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        int some = Integer.parseInt(m.group(1));
        int of = m.group(2) == null ? 0 : Integer.parseInt(m.group(2));
        return of != 0 && of < some || m.group(2) != null && of == 0
                ? Optional.empty()
                : Optional.of(new Count(some, of));
    }
}
