package hitch.core.run;

import java.util.Locale;
import java.util.regex.Pattern;

/** Whether something was seen before or after the pipe was cleaned. */
public enum Phase {
    NOT_SAID("no cleaning, or not said"),
    BEFORE("before the cleaning"),
    AFTER("after the cleaning");

    private static final String CLEANING =
            "(?:the |it was |we |being )*(?:clean|jett?|cut|cabl|snak|hydro|flush|auger)\\w*";
    private static final Pattern SAID_BEFORE = Pattern.compile("\\b(?:before|prior to) " + CLEANING);
    private static final Pattern SAID_AFTER =
            Pattern.compile("\\bafter " + CLEANING + "|\\bhangers?\\b|\\bcut flush\\b|\\bpost[- ]clean\\w*");

    private final String word;

    Phase(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** What a note says of itself; {@link #NOT_SAID} where it says nothing. */
    public static Phase saidIn(String words) {
        String text = words.toLowerCase(Locale.ROOT);
        if (SAID_AFTER.matcher(text).find()) {
            return AFTER;
        }
        return SAID_BEFORE.matcher(text).find() ? BEFORE : NOT_SAID;
    }
}
