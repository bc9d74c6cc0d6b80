package hitch.core.propose;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The turns of phrase that tell of a run, {@code clues.txt}. */
final class Clues {
    private static final Map<String, List<Pattern>> ALL = read();

    private Clues() {}

    private static Map<String, List<Pattern>> read() {
        Map<String, List<Pattern>> all = new HashMap<>();
        try (InputStream in = Clues.class.getResourceAsStream("clues.txt")) {
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .forEach(l -> all.computeIfAbsent(l.substring(0, l.indexOf(':')), k -> new ArrayList<>())
                            .add(Pattern.compile(l.substring(l.indexOf(':') + 1).strip())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }

    /** Where a sentence says it. */
    static Optional<Matcher> of(String heading, SaidSentence said) {
        return ALL.get(heading).stream()
                .map(p -> p.matcher(said.plain()))
                .filter(Matcher::find)
                .findFirst();
    }

    static boolean says(String heading, SaidSentence said) {
        return of(heading, said).isPresent();
    }
}
