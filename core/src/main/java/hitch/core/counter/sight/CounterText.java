package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number found in a row of marks.
 *
 * @param value the number; feet and inches as decimal feet
 * @param decimals digits after the point; -1 for feet and inches
 * @param sure how sure its least sure digit is, 0 to 1
 * @param weight how much speaks for it: each digit by how much surer it is than a guess, so that of two readings the
 *     longer wins unless its further digits are doubtful
 * @param region where it stands
 */
record CounterText(double value, int decimals, double sure, double weight, Region region) {
    /** Surety below which a digit speaks against a reading. */
    private static final double GUESS = 0.4;

    // A letter that reads as nothing known may stand before and after; a digit or a colon may not.
    private static final Pattern NUMBER =
            Pattern.compile("(?<![\\d:.'-])(-?)(\\d{1,4})(?:\\.(\\d{1,2}))?(?![\\d:'.-])");
    private static final Pattern FEET_INCHES = Pattern.compile("(?<![\\d:.])(\\d{1,3})'[ -]?(\\d{1,2})(?![\\d:.])");

    /** Every number that {@code line} may say. */
    static List<CounterText> in(LineText line) {
        List<CounterText> found = new ArrayList<>();
        Matcher inches = FEET_INCHES.matcher(line.text());
        while (inches.find()) {
            double rest = Double.parseDouble(inches.group(2));
            if (rest < 12) {
                found.add(of(line, inches, Double.parseDouble(inches.group(1)) + rest / 12, -1));
            }
        }
        Matcher number = NUMBER.matcher(line.text());
        while (number.find()) {
            String after = number.group(3);
            double value = Double.parseDouble(number.group(2) + "." + (after == null ? "0" : after));
            found.add(of(line, number, number.group(1).isEmpty() ? value : -value, after == null ? 0 : after.length()));
        }
        return found;
    }

    private static CounterText of(LineText line, Matcher at, double value, int decimals) {
        double least = 1;
        double weight = 0;
        Region hull = line.boxes().get(at.start());
        for (int i = at.start(); i < at.end(); i++) {
            hull = hull.with(line.boxes().get(i));
            if (Character.isDigit(line.text().charAt(i))) {
                least = Math.min(least, line.sure().get(i));
                weight += line.sure().get(i) - GUESS;
            }
        }
        return new CounterText(value, decimals, least, weight, hull);
    }
}
