package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.note.Act;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Wall;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The words that ship with the program, {@code words.txt}: under headings, lines of {@code meaning = phrase, phrase}. A
 * meaning with a question mark is weak: its words often mean something else. In a phrase, {@code (a|b)} is either.
 */
final class WordFile {
    private static final String SHIPPED = "/hitch/core/note/words.txt";

    private WordFile() {}

    /** The heading under which phrases stand that say no more than their kind's word. */
    private static final String SAME = "same";

    /** The heading under which short forms stand. */
    private static final String SHORT = "short";

    /** The phrases that say no more than the word of their kind. */
    static Set<String> same() {
        Set<String> phrases = new HashSet<>();
        boolean here = false;
        for (String line : lines()) {
            here = line.startsWith("[") ? line.startsWith("[" + SAME) : here;
            if (here && line.contains(" = ")) {
                for (String phrase : line.substring(line.indexOf(" = ") + 3).split(",")) {
                    phrases.add(phrase.strip());
                }
            }
        }
        return phrases;
    }

    /** Short forms and the words they stand for. */
    static Map<String, String> abbreviations() {
        Map<String, String> shortened = new LinkedHashMap<>();
        boolean here = false;
        for (String line : lines()) {
            here = line.startsWith("[") ? line.startsWith("[" + SHORT) : here;
            if (here && line.contains(" = ")) {
                int equals = line.indexOf(" = ");
                for (String form : line.substring(equals + 3).split(",")) {
                    shortened.put(form.strip(), line.substring(0, equals));
                }
            }
        }
        return shortened;
    }

    /** Every phrase with its meaning, in the order of the file. */
    static Map<String, Meaning> read() {
        Map<String, Meaning> phrases = new LinkedHashMap<>();
        String heading = "";
        for (String line : lines()) {
            if (line.startsWith("[")) {
                heading = line.substring(1, line.indexOf(']'));
                continue;
            }
            if (line.isBlank() || line.startsWith("#") || heading.equals(SAME) || heading.equals(SHORT)) {
                continue;
            }
            int equals = line.indexOf(" = ");
            String key = line.substring(0, equals);
            boolean weak = key.endsWith("?");
            Meaning meaning = meaning(heading, weak ? key.substring(0, key.length() - 1) : key, weak);
            for (String pattern : line.substring(equals + 3).split(",")) {
                for (String phrase : spread(pattern.strip())) {
                    Meaning other = phrases.put(phrase, meaning);
                    if (other != null && !other.equals(meaning)) {
                        throw new IllegalStateException("words.txt gives \"" + phrase + "\" two meanings");
                    }
                }
            }
        }
        return phrases;
    }

    /** A pattern's phrases: {@code (a|b) c} stands for "a c" and "b c". */
    private static List<String> spread(String pattern) {
        int open = pattern.indexOf('(');
        if (open < 0) {
            return List.of(pattern);
        }
        int close = pattern.indexOf(')', open);
        List<String> phrases = new ArrayList<>();
        for (String choice : pattern.substring(open + 1, close).split("\\|")) {
            phrases.addAll(spread(pattern.substring(0, open) + choice + pattern.substring(close + 1)));
        }
        return phrases;
    }

    private static List<String> lines() {
        try (InputStream in = WordFile.class.getResourceAsStream(SHIPPED);
                BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return reader.lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Meaning meaning(String heading, String key, boolean weak) {
        return switch (heading) {
            case "finding" -> new Meaning.Thing(kind(key), weak);
            case "material" -> new Meaning.MadeOf(wall(constant(key)));
            case "clock" -> new Meaning.Round(clock(key), weak);
            case "degree" -> new Meaning.Much(Degree.valueOf(constant(key)));
            case "certainty" -> new Meaning.Sure(Certainty.valueOf(constant(key)));
            case "detail" -> said(key);
            case "clue" ->
                new Meaning.Clue(kind(key.substring(0, key.indexOf(':'))), key.substring(key.indexOf(':') + 1));
            case "cue" -> new Meaning.Cue();
            case "tool" -> new Meaning.Tool(key, Optional.empty());
            case "act" ->
                new Meaning.Doing(key.equals("promise") ? FindingKind.PROMISE : Act.valueOf(constant(key)), weak);
            default -> new Meaning.Joined(Glue.valueOf(constant(key)), weak);
        };
    }

    /** {@code shape sharp}: a detail's key and the text of a value of it. */
    private static Meaning said(String key) {
        String detail = key.substring(0, key.indexOf(' '));
        String value = key.substring(key.indexOf(' ') + 1);
        Detail<?> known = Detail.of(detail).orElseThrow();
        if (known.read(value).isEmpty()) {
            throw new IllegalStateException("words.txt gives " + detail + " the value " + value);
        }
        return new Meaning.Said(known, value);
    }

    private static FindingKind kind(String word) {
        for (FindingKind kind : FindingKind.values()) {
            if (kind.word().equals(word)) {
                return kind;
            }
        }
        throw new IllegalStateException("words.txt names an unknown kind, " + word);
    }

    private static ClockPosition clock(String key) {
        if (key.equals("all")) {
            return ClockPosition.ALL_ROUND;
        }
        if (key.equals("both")) {
            return ClockPosition.BOTH_SIDES;
        }
        String[] ends = key.split("-");
        return ClockPosition.arc(Integer.parseInt(ends[0]), Integer.parseInt(ends[ends.length - 1]));
    }

    private static String constant(String key) {
        return key.toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
    }

    private static Wall wall(String name) {
        return Arrays.stream(Lining.values())
                .filter(l -> l.name().equals(name))
                .<Wall>map(l -> l)
                .findFirst()
                .orElseGet(() -> Material.valueOf(name));
    }
}
