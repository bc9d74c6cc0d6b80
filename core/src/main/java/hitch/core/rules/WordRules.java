package hitch.core.rules;

import hitch.core.finding.FindingKind;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The firm's own words for what is found.
 *
 * @param kinds each word, lower case, and the kind it names
 */
public record WordRules(Map<String, FindingKind> kinds) implements RulePart {
    public static final WordRules NONE = new WordRules(Map.of());

    public WordRules {
        kinds = Map.copyOf(kinds);
    }

    @Override
    public String about() {
        return "the firm's own words";
    }

    /** A line {@code word = kind} for each, in order of the words. */
    public String text() {
        return new TreeMap<>(kinds)
                .entrySet().stream()
                        .map(e -> e.getKey() + " = " + e.getValue().word())
                        .collect(Collectors.joining("\n"));
    }

    /**
     * Reads what a person typed, a line for each word.
     *
     * @throws IllegalArgumentException with a sentence naming the line that cannot be
     */
    public static WordRules parse(String text) {
        Map<String, FindingKind> words = new LinkedHashMap<>();
        for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
            int equals = line.indexOf('=');
            String own = equals < 0 ? "" : line.substring(0, equals).strip().toLowerCase(Locale.ROOT);
            Optional<FindingKind> kind = kind(line.substring(equals + 1).strip().toLowerCase(Locale.ROOT));
            if (own.isEmpty() || kind.isEmpty()) {
                throw new IllegalArgumentException(
                        "\"" + line.strip() + "\" names no kind Hitch knows. Write it as: beaver dam = blockage.");
            }
            words.put(own, kind.get());
        }
        return new WordRules(words);
    }

    static Optional<FindingKind> kind(String word) {
        return Arrays.stream(FindingKind.values())
                .filter(k -> k.word().equals(word))
                .findFirst();
    }
}
