package hitch.core.talk.like;

import hitch.core.finding.Topic;
import hitch.core.note.Topics;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A way to say something.
 *
 * @param matter what {@code words} are said of; empty where they are said of nothing that is to be written down
 */
public record Phrase(Optional<Topic> matter, String words) {
    private static final String NOTHING = "none";

    /** Those that come with the program, as {@code alike.txt} has them. */
    public static List<Phrase> shipped() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Phrase.class.getResourceAsStream("alike.txt")), StandardCharsets.UTF_8))) {
            return in(lines);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * What the commentaries that come with the program say, caption by caption: of each thing that must be found, and of nothing where
     * there is nothing.
     */
    public static List<Phrase> said() {
        List<Phrase> said = new ArrayList<>();
        for (String name : Lesson.names()) {
            for (Lesson.Line line : Lesson.shipped(name).lines()) {
                line.labels().stream()
                        .filter(l -> l.must() && !l.ruledOut())
                        .map(l -> new Phrase(matter(l.kind()), line.text()))
                        .forEach(said::add);
                if (line.labels().isEmpty()) {
                    said.add(new Phrase(Optional.empty(), line.text()));
                }
            }
        }
        return said;
    }

    private static List<Phrase> in(BufferedReader lines) {
        List<Phrase> phrases = new ArrayList<>();
        Optional<Topic> matter = Optional.empty();
        for (String line : lines.lines().toList()) {
            if (line.startsWith("[")) {
                matter = matter(line.substring(1, line.length() - 1));
            } else if (!line.isBlank() && !line.startsWith("#")) {
                phrases.add(new Phrase(matter, line));
            }
        }
        return phrases;
    }

    /** @param name the word for it, or for nothing */
    static Optional<Topic> matter(String name) {
        return name.equals(NOTHING) ? Optional.empty() : Optional.of(Topics.named(name));
    }

    /** The word for a matter, or for nothing. */
    static String name(Optional<Topic> matter) {
        return matter.map(Topic::word).orElse(NOTHING);
    }
}
