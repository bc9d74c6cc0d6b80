package hitch.core.note.grammar;

import java.util.Map;
import java.util.Optional;

/** The words of figures and of parts of one. */
final class NumberWords {
    static final Map<String, Integer> UNITS = Map.ofEntries(
            Map.entry("zero", 0),
            Map.entry("oh", 0),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9));
    static final Map<String, Integer> TEENS = Map.ofEntries(
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));
    static final Map<String, Integer> TENS = Map.ofEntries(
            Map.entry("twenty", 20),
            Map.entry("thirty", 30),
            Map.entry("forty", 40),
            Map.entry("fourty", 40),
            Map.entry("fifty", 50),
            Map.entry("sixty", 60),
            Map.entry("seventy", 70),
            Map.entry("eighty", 80),
            Map.entry("ninety", 90));
    static final Map<String, Integer> PARTS = Map.ofEntries(
            Map.entry("half", 2),
            Map.entry("halves", 2),
            Map.entry("third", 3),
            Map.entry("thirds", 3),
            Map.entry("quarter", 4),
            Map.entry("quarters", 4),
            Map.entry("fourth", 4),
            Map.entry("fourths", 4),
            Map.entry("fifth", 5),
            Map.entry("fifths", 5),
            Map.entry("eighth", 8),
            Map.entry("eighths", 8),
            Map.entry("sixteenth", 16),
            Map.entry("sixteenths", 16));

    private NumberWords() {}

    /** Whether a word is one of those that numbers are said in. */
    static boolean isOne(String word) {
        return UNITS.containsKey(word)
                || TEENS.containsKey(word)
                || TENS.containsKey(word)
                || word.equals("point")
                || word.equals("half")
                || word.equals("hundred");
    }

    /** A year as figures: {@code nineteen sixty two} is 1962. */
    static String year(String text) {
        String[] words = text.split(" ");
        Integer century = TEENS.getOrDefault(words[0], words[0].equals("twenty") ? Integer.valueOf(20) : null);
        Optional<Integer> rest =
                words.length > 1 ? whole(text.substring(words[0].length() + 1).replace("oh ", "")) : Optional.empty();
        return century == null || rest.isEmpty() ? text : String.valueOf(century * 100 + rest.get());
    }

    /** A whole number below a hundred in figures or in words. */
    static Optional<Integer> whole(String text) {
        if (text.matches("\\d{1,4}")) {
            return Optional.of(Integer.valueOf(text));
        }
        String[] words = text.split(" ");
        Integer first = TENS.getOrDefault(words[0], TEENS.getOrDefault(words[0], UNITS.get(words[0])));
        Integer second = words.length == 2 ? UNITS.get(words[1]) : Integer.valueOf(0);
        return first == null || second == null || words.length > 2 ? Optional.empty() : Optional.of(first + second);
    }

    /** Whether a word is a number below a hundred by itself. */
    static boolean isDigitsOrTens(String word) {
        return !word.isEmpty() && (UNITS.containsKey(word) || TEENS.containsKey(word) || TENS.containsKey(word));
    }
}
