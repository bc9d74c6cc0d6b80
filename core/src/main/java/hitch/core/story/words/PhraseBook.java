package hitch.core.story.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * Sentences under headings, several ways each.
 *
 * @param lines by heading
 */
public record PhraseBook(Map<String, List<String>> lines) {
    /** Nothing. */
    public static final PhraseBook EMPTY = new PhraseBook(Map.of());

    /** What the headings of a firm's kept sentences begin with: {@code kept.roots.mend/owner}. */
    public static final String KEPT = "kept.";
    /** What can be filled into those. */
    public static final List<String> KEPT_SLOTS = List.of("station", "size", "share", "property");

    private static final Pattern KEPT_HEADING = Pattern.compile("kept\\.[\\p{L}-]+\\.[a-z]+(?:/[a-z]+)?");

    private static final Pattern SLOT = Pattern.compile("\\{(\\p{L}+)}");
    /** What ships. */
    public static final PhraseBook SHIPPED = parse(shipped());

    public PhraseBook {
        lines = Map.copyOf(lines);
    }

    /**
     * @throws IllegalArgumentException with the line that stands under no heading
     */
    public static PhraseBook parse(String text) {
        Map<String, List<String>> lines = new LinkedHashMap<>();
        List<String> under = null;
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith("[") && line.strip().endsWith("]")) {
                under = lines.computeIfAbsent(
                        line.strip().substring(1, line.strip().length() - 1), h -> new ArrayList<>());
            } else if (under == null) {
                throw new IllegalArgumentException(
                        "Line " + number + " stands under no heading such as [greeting/owner]: " + line);
            } else {
                under.add(line.strip());
            }
        }
        lines.replaceAll((h, l) -> List.copyOf(l));
        return new PhraseBook(lines);
    }

    /**
     * A firm's own lines, each under one of our headings and asking for nothing that is not told there.
     *
     * @throws IllegalArgumentException with the heading or the slot that there is not
     */
    public static PhraseBook own(String text) {
        PhraseBook own = parse(text);
        own.lines.forEach((heading, said) -> {
            List<String> ours = SHIPPED.lines.get(heading);
            boolean kept = KEPT_HEADING.matcher(heading).matches();
            if (ours == null && !kept) {
                throw new IllegalArgumentException("Nothing is said under [" + heading + "] in a film.");
            }
            Set<String> slots = kept ? new TreeSet<>(KEPT_SLOTS) : slots(ours);
            for (String slot : slots(said)) {
                if (!slots.contains(slot)) {
                    throw new IllegalArgumentException("Under [" + heading + "] "
                            + (slots.isEmpty() ? "nothing" : "only {" + String.join("}, {", slots) + "}")
                            + " is filled in, and not {" + slot + "}.");
                }
            }
        });
        return own;
    }

    private static Set<String> slots(List<String> lines) {
        Set<String> slots = new TreeSet<>();
        lines.forEach(l ->
                SLOT.matcher(l).results().forEach(m -> slots.add(m.group(1).toLowerCase(Locale.ROOT))));
        return slots;
    }

    /** As a text that {@link #own} reads back. */
    public String text() {
        StringJoiner text = new StringJoiner("\n\n", "", "\n");
        new TreeMap<>(lines).forEach((heading, said) -> text.add("[" + heading + "]\n" + String.join("\n", said)));
        return text.toString();
    }

    /** This book with a firm's own lines in place of ours, heading by heading. */
    public PhraseBook with(PhraseBook own) {
        Map<String, List<String>> all = new LinkedHashMap<>(lines);
        own.lines.forEach((heading, said) -> {
            if (!said.isEmpty()) {
                all.put(heading, said);
            }
        });
        return new PhraseBook(all);
    }

    /** The ways to say something to somebody: theirs where there are such, else those for everybody; empty where there are none. */
    public List<String> of(String heading, String tone) {
        return lines.getOrDefault(heading + "/" + tone, lines.getOrDefault(heading, List.of()));
    }

    /** What stands behind a word under a heading of words. */
    public Optional<String> word(String heading, String word) {
        return lines.getOrDefault(heading, List.of()).stream()
                .filter(l -> l.startsWith(word + " ="))
                .map(l -> l.substring(l.indexOf('=') + 1).strip())
                .findFirst();
    }

    private static String shipped() {
        try (InputStream in = PhraseBook.class.getResourceAsStream("/hitch/core/story/phrases.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
