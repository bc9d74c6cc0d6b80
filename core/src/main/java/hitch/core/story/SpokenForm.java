package hitch.core.story;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Narration as a voice should read it: figures and units in words. Captions keep the figures; only the sound is spelled
 * out, so both say the same.
 */
public final class SpokenForm {
    private static final Pattern FRACTION = Pattern.compile("\\b(?:(\\d+) )?(\\d{1,2})/(2|4|8|16)\\b");
    private static final Pattern DATE = Pattern.compile("\\b(\\d{4})-(\\d{2})-(\\d{2})\\b");
    private static final Pattern DECIMAL = Pattern.compile("\\b(\\d+)\\.(\\d+)\\b");
    /** Digits of the longest number that is said as one. */
    private static final int LONGEST_NUMBER = 6;

    private static final Pattern WHOLE = Pattern.compile("\\d+");
    private static final String[] SMALL = {
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen"
    };
    private static final String[] TENS = {
        "", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"
    };
    private static final String[] MONTHS = {
        "January",
        "February",
        "March",
        "April",
        "May",
        "June",
        "July",
        "August",
        "September",
        "October",
        "November",
        "December"
    };

    private SpokenForm() {}

    public static String of(String text) {
        String spoken = DATE.matcher(text).replaceAll(m -> {
            int month = Integer.parseInt(m.group(2));
            return month < 1 || month > 12 ? m.group() : MONTHS[month - 1] + " " + number(Integer.parseInt(m.group(3)));
        });
        spoken = FRACTION.matcher(spoken).replaceAll(SpokenForm::fraction);
        spoken = spoken.replaceAll("(?<=\\d|quarter|quarters|half|eighths?|sixteenths?) in\\b", " inch")
                .replaceAll("(?<![\\d.])1(?:\\.0)? ft\\b", "1 foot")
                .replaceAll("(?<=\\d) ft\\b", " feet")
                .replaceAll("(?<=\\d) m\\b", " metres")
                .replaceAll("(?<=\\d) ?%", " percent")
                .replaceAll("o'clock", "o clock")
                .replaceAll("\\bPVC\\b", "P V C")
                .replaceAll("\\bABS\\b", "A B S")
                .replaceAll(";", ",")
                .replaceAll("[-–](?=\\w)", " ");
        spoken = DECIMAL.matcher(spoken).replaceAll(m -> decimal(m.group(1), m.group(2)));
        return WHOLE.matcher(spoken).replaceAll(m -> number(m.group()));
    }

    /** Figures in words: as a number, or one by one where they are a long number or begin with a zero. */
    private static String number(String digits) {
        boolean oneByOne = digits.length() > LONGEST_NUMBER || digits.length() > 1 && digits.startsWith("0");
        if (!oneByOne) {
            return number(Integer.parseInt(digits));
        }
        return digits.chars().mapToObj(d -> SMALL[d - '0']).collect(Collectors.joining(" "));
    }

    private static String fraction(java.util.regex.MatchResult m) {
        int top = Integer.parseInt(m.group(2));
        String part = switch (m.group(3)) {
            case "2" -> "half";
            case "4" -> top == 1 ? "quarter" : "quarters";
            case "8" -> top == 1 ? "eighth" : "eighths";
            default -> top == 1 ? "sixteenth" : "sixteenths";
        };
        String whole = m.group(1) == null ? "" : number(m.group(1)) + " and ";
        return Matcher.quoteReplacement(
                whole + (top > 1 ? number(top) : part.startsWith("e") ? "an" : "a") + " " + part);
    }

    private static String decimal(String whole, String digits) {
        if (digits.matches("0+")) {
            return number(whole);
        }
        StringBuilder words = new StringBuilder(number(whole)).append(" point");
        digits.chars().forEach(d -> words.append(' ').append(SMALL[d - '0']));
        return words.toString();
    }

    /** {@code n} in words, 0 to 999,999. */
    static String number(int n) {
        if (n < 20) {
            return SMALL[n];
        }
        if (n < 100) {
            return TENS[n / 10] + (n % 10 == 0 ? "" : " " + SMALL[n % 10]);
        }
        if (n < 1000) {
            return SMALL[n / 100] + " hundred" + (n % 100 == 0 ? "" : " " + number(n % 100));
        }
        return number(n / 1000) + " thousand" + (n % 1000 == 0 ? "" : " " + number(n % 1000));
    }
}
