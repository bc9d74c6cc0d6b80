package hitch.core.rules;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * When pipe of a material was laid under houses, and how long it usually lasts.
 *
 * @param from first year of usual use
 * @param to last year of usual use; one far ahead where it is still used
 * @param least years that nearly all of it lasts
 * @param most years that hardly any of it outlasts
 */
public record MaterialAge(int from, int to, int least, int most) {
    /** A year so far ahead that what is used up to it is still used. */
    public static final int STILL = 2200;

    private static final Pattern TEXT =
            Pattern.compile("(?:used )?(\\d{4}) to (\\d{4}|now)[,;] (?:lasts )?(\\d+) to (\\d+) years");

    public MaterialAge {
        if (from > to || least < 0 || least > most) {
            throw new IllegalArgumentException("years go upwards");
        }
    }

    /** Such as {@code used 1900 to 1980, lasts 60 to 100 years}. */
    public String text() {
        return "used " + from + " to " + (to >= STILL ? "now" : to) + ", lasts " + least + " to " + most + " years";
    }

    /**
     * @throws IllegalArgumentException with a sentence where it is none
     */
    public static MaterialAge parse(String text) {
        Matcher m = TEXT.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is no age of a material; write it as: used 1900 to 1980, lasts 60 to 100 years.");
        }
        return new MaterialAge(
                Integer.parseInt(m.group(1)),
                m.group(2).equals("now") ? STILL : Integer.parseInt(m.group(2)),
                Integer.parseInt(m.group(3)),
                Integer.parseInt(m.group(4)));
    }
}
