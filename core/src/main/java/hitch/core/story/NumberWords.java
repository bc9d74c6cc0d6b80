package hitch.core.story;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Numbers in words, as they are said in the United States. */
final class NumberWords {
    /** Digits of the longest number that is said as one. */
    private static final int LONGEST = 6;

    private static final List<String> SMALL = List.of(
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
            "nineteen");
    private static final List<String> TENS =
            List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    private static final Map<String, String> ORDINALS = Map.of(
            "one", "first", "two", "second", "three", "third", "five", "fifth", "eight", "eighth", "nine", "ninth",
            "twelve", "twelfth");

    private NumberWords() {}

    /** Whether a word says a number, or where one is parted. */
    static boolean isNumber(String word) {
        return SMALL.contains(word)
                || TENS.contains(word) && !word.isEmpty()
                || ORDINALS.containsValue(word)
                || List.of("hundred", "thousand", "point", "half", "quarter", "quarters", "eighth", "eighths")
                        .contains(word);
    }

    /** Figures: as a number, or one by one where they are many or begin with a zero. */
    static String of(String digits) {
        boolean oneByOne = digits.length() > LONGEST || digits.length() > 1 && digits.startsWith("0");
        return oneByOne ? oneByOne(digits) : of(Integer.parseInt(digits));
    }

    static String oneByOne(String digits) {
        return digits.chars().mapToObj(d -> SMALL.get(d - '0')).collect(Collectors.joining(" "));
    }

    /** {@code n} in words, 0 to 999,999. */
    static String of(int n) {
        if (n < 20) {
            return SMALL.get(n);
        }
        if (n < 100) {
            return TENS.get(n / 10) + (n % 10 == 0 ? "" : " " + SMALL.get(n % 10));
        }
        if (n < 1000) {
            return SMALL.get(n / 100) + " hundred" + (n % 100 == 0 ? "" : " " + of(n % 100));
        }
        return of(n / 1000) + " thousand" + (n % 1000 == 0 ? "" : " " + of(n % 1000));
    }

    /** {@code n}th, 1 to 999,999. */
    static String ordinal(int n) {
        String words = of(n);
        int blank = words.lastIndexOf(' ') + 1;
        String last = words.substring(blank);
        String said = ORDINALS.getOrDefault(
                last, last.endsWith("y") ? last.substring(0, last.length() - 1) + "ieth" : last + "th");
        return words.substring(0, blank) + said;
    }

    /** A year of four digits: {@code nineteen fifty one}, {@code two thousand five}, {@code twenty twenty four}. */
    static String year(int year) {
        if (year / 10 == 200) {
            return of(year);
        }
        return pairs(year);
    }

    /** A house number: one by one hundred, {@code four seventeen}, {@code twelve hundred}, {@code one o five}. */
    static String house(int number) {
        return number < 100 || number > 9999
                ? of(String.valueOf(number))
                : number % 1000 == 0 ? of(number) : pairs(number);
    }

    private static String pairs(int number) {
        int front = number / 100;
        int back = number % 100;
        if (back == 0) {
            return of(front) + " hundred";
        }
        return of(front) + " " + (back < 10 ? "O " + of(back) : of(back));
    }

    /** Digits behind a point. */
    static String decimal(String whole, String digits) {
        return digits.matches("0+") ? of(whole) : of(whole) + " point " + oneByOne(digits);
    }
}
