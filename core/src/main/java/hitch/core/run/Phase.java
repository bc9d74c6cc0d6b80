package hitch.core.run;

import java.util.Locale;
import java.util.regex.Pattern;

/** Whether something was seen before or after the pipe was cleaned, or where the cleaning never came. */
public enum Phase {
    NOT_SAID("no cleaning, or not said"),
    BEFORE("before the cleaning"),
    AFTER("after the cleaning"),
    /** Where the cleaning did not reach. */
    BEYOND("beyond the cleaning");

    private static final String CLEANING =
            "(?:the |it was |we |being )*(?:clean|jett?|cut|cabl|snak|hydro|flush|auger)\\w*";
    private static final Pattern SAID_BEFORE =
            Pattern.compile("\\b(?:before|prior to) " + CLEANING + "|\\bpre[- ]?(?:clean|cut|jet|snak)\\w*");
    private static final Pattern SAID_AFTER =
            Pattern.compile("\\b(?:after|now that its|now that its been|now that it has been|since it was) " + CLEANING
                    + "|\\bhangers?\\b|\\bcut flush\\b|\\bpost[- ]?(?:clean|cut|jet|snak)\\w*");

    private static final Pattern SAID_BEYOND = Pattern.compile(
            "\\b(?:past|beyond) (?:where|what|the part|the stretch)?"
                    + " ?(?:they|we|i|he|was|that|you|got|had|been|the )*\\s?(?:clean|jett|snak|cabl|cut|stopped clean)\\w*"
                    + "|\\b(?:cutter|jetter|jet|snake|cable|blade|tool|nozzle|cleaning) (?:never|didnt|did not) (?:reach|get|got|reached|make|made|come|came)\\w*"
                    + "|\\bnever (?:been )?(?:cleaned|cut|jetted|snaked|touched)\\b|\\buntouched\\b|\\bnot cleaned\\b|\\buncleaned\\b");

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
        if (SAID_BEYOND.matcher(text).find()) {
            return BEYOND;
        }
        if (SAID_AFTER.matcher(text).find()) {
            return AFTER;
        }
        return SAID_BEFORE.matcher(text).find() ? BEFORE : NOT_SAID;
    }
}
