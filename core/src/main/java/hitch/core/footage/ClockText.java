package hitch.core.footage;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A moment of a clip as it is written for people. */
public final class ClockText {
    private static final Pattern TYPED = Pattern.compile("(?:(\\d{1,4}):)?(\\d{1,5}(?:\\.\\d{1,3})?)");

    private ClockText() {}

    /** Minutes, seconds and tenths. */
    public static String of(double seconds) {
        long tenths = Math.round(seconds * 10);
        return String.format(Locale.ROOT, "%d:%02d.%d", tenths / 600, tenths / 10 % 60, tenths % 10);
    }

    /** Seconds as they are typed, with or without minutes: {@code 1:05.2} or {@code 65.2}; empty where it is no such time. */
    public static OptionalDouble read(String typed) {
        Matcher time = TYPED.matcher(typed.strip());
        return time.matches()
                ? OptionalDouble.of((time.group(1) == null ? 0 : 60 * Integer.parseInt(time.group(1)))
                        + Double.parseDouble(time.group(2)))
                : OptionalDouble.empty();
    }
}
