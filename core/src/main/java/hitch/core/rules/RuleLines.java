package hitch.core.rules;

import hitch.core.measure.Distance;
import hitch.core.measure.Range;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lines of a text of house rules by name, read as what they are meant to be; and how such values are written. */
final class RuleLines {
    private static final Pattern RANGE = Pattern.compile("([\\d.]+) to ([\\d.]+) (\\w+)");

    private final Map<String, String> lines;

    RuleLines(Map<String, String> lines) {
        this.lines = lines;
    }

    /** Whether a line stands and says something. */
    boolean has(String name) {
        return lines.containsKey(name) && !text(name).equals("none");
    }

    Iterable<String> names() {
        return lines.keySet();
    }

    int whole(String name, String unit) {
        return (int) number(name, unit);
    }

    /** A whole number without a unit, 0 or more. */
    int plainWhole(String name) {
        String text = text(name);
        if (!text.matches("\\d{1,9}")) {
            throw new IllegalArgumentException("The house rule " + name + " is a whole number, not \"" + text + "\".");
        }
        return Integer.parseInt(text);
    }

    boolean yes(String name) {
        return text(name).equals("yes");
    }

    /** Two numbers with {@code to} between them. */
    Range range(String name, String unit) {
        Matcher m = RANGE.matcher(text(name));
        if (!m.matches() || !m.group(3).equals(unit)) {
            throw new IllegalArgumentException("The house rule " + name + " is two numbers such as 5 to 10 " + unit
                    + ", not \"" + text(name) + "\".");
        }
        return Range.between(Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2)));
    }

    static String range(Range range) {
        return plain(range.low()) + " to " + plain(range.high());
    }

    /** One of the values of an enum, written in lower case with strokes. */
    <E extends Enum<E>> E one(String name, Class<E> of) {
        String said = text(name);
        return Arrays.stream(of.getEnumConstants())
                .filter(e -> word(e).equals(said))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The house rule " + name + " is "
                        + String.join(
                                " or ",
                                Arrays.stream(of.getEnumConstants())
                                        .map(RuleLines::word)
                                        .toList())
                        + ", not \"" + said + "\"."));
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    Distance length(String name) {
        return text(name).endsWith("in") ? Distance.inches(number(name, "in")) : Distance.feet(number(name, "ft"));
    }

    double number(String name, String unit) {
        String text = text(name);
        try {
            if (text.endsWith(" " + unit)) {
                return Double.parseDouble(
                        text.substring(0, text.length() - unit.length()).strip());
            }
        } catch (NumberFormatException e) {
            // Told below, with what was meant.
        }
        throw new IllegalArgumentException(
                "The house rule " + name + " is a number of " + unit + ", not \"" + text + "\".");
    }

    String text(String name) {
        String text = lines.get(name);
        if (text == null) {
            throw new IllegalStateException("there is no house rule " + name);
        }
        return text;
    }

    static String key(String word) {
        return word.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** As few figures as give the same millimetre again. */
    static String inches(Distance length) {
        return shortest(length, length.inInches(), Distance::inches) + " in";
    }

    static String feet(Distance length) {
        return shortest(length, length.inFeet(), Distance::feet) + " ft";
    }

    private static String shortest(Distance length, double value, java.util.function.DoubleFunction<Distance> back) {
        for (int places = 0; places < 4; places++) {
            BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
            if (back.apply(rounded.doubleValue()).equals(length)) {
                return plain(rounded.doubleValue());
            }
        }
        return plain(value);
    }

    static String plain(double value) {
        return BigDecimal.valueOf(value)
                .setScale(6, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
