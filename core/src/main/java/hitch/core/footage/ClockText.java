package hitch.core.footage;

import java.util.Locale;

/** A moment of a clip as it is written for people. */
public final class ClockText {
    private ClockText() {}

    /** Minutes, seconds and tenths. */
    public static String of(double seconds) {
        long tenths = Math.round(seconds * 10);
        return String.format(Locale.ROOT, "%d:%02d.%d", tenths / 600, tenths / 10 % 60, tenths % 10);
    }
}
