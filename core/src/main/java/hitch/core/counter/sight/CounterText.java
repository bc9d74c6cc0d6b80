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
 * @param behind the letters that are taken for its unit, and what they speak for
 * @param digits its digits, in order
 * @param glyphs what each digit looks like
 */
record CounterText(
        double value,
        int decimals,
        double sure,
        double weight,
        Region region,
        UnitLetters behind,
        String digits,
        List<Glyph> glyphs) {
    /** Surety below which a digit speaks against a reading. */
    private static final double GUESS = 0.4;

    /** Surety that is left of a number that a part may be missing from. */
    private static final double CUT_OFF = 0.6;

    // A letter that reads as nothing known may stand before and after; a digit or a colon may not.
    private static final Pattern NUMBER = Pattern.compile(
            "(?<!\\d|\\d[:.'-]|\\d-|[.'])(-?)(\\d{1,4})(?:\\.(\\d{1,2}))?(?![\\d:-]|[.'] ?\\d)( ?[ft]{1,2}| ?m(?!m)|')?");
    private static final Pattern FEET_INCHES =
            Pattern.compile("(?<![\\d:.])(\\d{1,3})(?:'| ?ft\\.?)[ -]?(\\d{1,2})(?![\\d:.])");

    /** Every number that {@code line} may say. */
    static List<CounterText> in(LineText line) {
        List<CounterText> found = new ArrayList<>();
        Matcher inches = FEET_INCHES.matcher(line.text());
        while (inches.find()) {
            double rest = Double.parseDouble(inches.group(2));
            if (rest < 12) {
                found.add(of(
                        line,
                        inches,
                        inches.end(2),
                        Double.parseDouble(inches.group(1)) + rest / 12,
                        -1,
                        closed(line.text(), inches) ? UnitLetters.MARKED : UnitLetters.NONE));
            }
        }
        Matcher number = NUMBER.matcher(line.text());
        while (number.find()) {
            String after = number.group(3);
            double value = Double.parseDouble(number.group(2) + "." + (after == null ? "0" : after));
            found.add(of(
                    line,
                    number,
                    number.end(after == null ? 2 : 3),
                    number.group(1).isEmpty() ? value : -value,
                    after == null ? 0 : after.length(),
                    letters(line, number)));
        }
        return found;
    }

    /** Whether feet and inches are marked as such on both sides; a clock and a date, misread, are not. */
    private static boolean closed(String text, Matcher inches) {
        return text.startsWith("'", inches.end(2))
                || text.startsWith(" '", inches.end(2))
                || text.substring(inches.end(1), inches.start(2)).contains("t");
    }

    /** The same, found in a part of a picture that begins at the given place. */
    CounterText moved(int x, int y) {
        Region there = new Region(region.x() + x, region.y() + y, region.width(), region.height());
        return new CounterText(value, decimals, sure, weight, there, behind.moved(x, y), digits, glyphs);
    }

    private static UnitLetters letters(LineText line, Matcher number) {
        return number.group(4) == null
                ? UnitLetters.NONE
                : UnitLetters.of(
                        line,
                        number.start(4),
                        number.end(4),
                        line.boxes().get(number.start(2)).height());
    }

    private static CounterText of(LineText line, Matcher at, int end, double value, int decimals, UnitLetters behind) {
        double least = 1;
        double weight = 0;
        StringBuilder digits = new StringBuilder();
        List<Glyph> glyphs = new ArrayList<>();
        Region hull = line.boxes().get(at.start());
        for (int i = at.start(); i < end; i++) {
            hull = hull.with(line.boxes().get(i));
            if (Character.isDigit(line.text().charAt(i))) {
                least = Math.min(least, line.sure().get(i));
                weight += line.sure().get(i) - GUESS;
                digits.append(line.text().charAt(i));
                line.glyphs().get(i).ifPresent(glyphs::add);
            }
        }
        // A mark that leans on the number and is not known may well be one of its digits.
        boolean cutOff = at.start() > 0 && line.text().charAt(at.start() - 1) == '?'
                || end < line.text().length() && line.text().charAt(end) == '?' && decimals == 0;
        return new CounterText(
                value,
                decimals,
                cutOff ? least * CUT_OFF : least,
                cutOff ? weight - GUESS : weight,
                hull,
                behind,
                digits.toString(),
                glyphs);
    }
}
