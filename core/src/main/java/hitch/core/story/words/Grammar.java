package hitch.core.story.words;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;

/** The small rules of English that filled-in sentences need. */
public final class Grammar {
    private static final List<String> SMALL = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private Grammar() {}

    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The same within a sentence; a name or an abbreviation keeps its capital. */
    public static String lower(String text) {
        boolean name = text.length() > 1 && Character.isUpperCase(text.charAt(1));
        return text.isEmpty() || name ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** With its article: {@code an offset}. */
    public static String a(String noun) {
        boolean vowel = "aeiou".indexOf(Character.toLowerCase(noun.charAt(0))) >= 0
                && !noun.toLowerCase(Locale.ROOT).startsWith("one");
        // Eight and eleven begin with a vowel when they are said.
        return (vowel || noun.matches("(?:8|11|18)\\b.*") ? "an " : "a ") + noun;
    }

    /** A number in words up to twelve, in figures from there on. */
    public static String count(int n) {
        return n < SMALL.size() ? SMALL.get(n) : Integer.toString(n);
    }

    /** {@code a, b and c}. */
    public static String list(List<String> parts) {
        return parts.size() < 2
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.getLast();
    }

    public static boolean isDate(String text) {
        try {
            LocalDate.parse(text);
            return true;
        } catch (DateTimeException e) {
            return false;
        }
    }

    /** A day as it is read: {@code 2026-09-14} is {@code September 14, 2026}. */
    public static String date(String day) {
        LocalDate date = LocalDate.parse(day);
        return date.getMonth().getDisplayName(TextStyle.FULL, Locale.US) + " " + date.getDayOfMonth() + ", "
                + date.getYear();
    }

    /** A sentence begun with a capital and ended with a stop, without doubled blanks or stops. */
    public static String sentence(String text) {
        String stripped = capital(tidy(text.strip()));
        return stripped.isEmpty() || stripped.matches("(?s).*[.!?:]$") ? stripped : stripped + ".";
    }

    static String tidy(String text) {
        return capital(text.replaceAll("\\s+", " ")
                .replaceAll(" ([,.;:!?])", "$1")
                .replaceAll(",(?=[,.;:])", "")
                .replaceAll("([.!?])(?:\\.)+", "$1")
                .replaceAll("([.!?:;])[,;]", "$1")
                .strip());
    }
}
