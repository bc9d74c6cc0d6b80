package hitch.core.note.grammar;

import java.util.Map;

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
}
