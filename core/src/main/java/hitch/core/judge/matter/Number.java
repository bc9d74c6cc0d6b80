package hitch.core.judge.matter;

import java.util.List;

/** Small numbers in words. */
public final class Number {
    private static final List<String> WORDS = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private Number() {}

    /** In words up to twelve, in figures from there on. */
    public static String words(int number) {
        return number < WORDS.size() ? WORDS.get(number) : Integer.toString(number);
    }

    /** The same as a sentence begins. */
    public static String title(int number) {
        String words = words(number);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
