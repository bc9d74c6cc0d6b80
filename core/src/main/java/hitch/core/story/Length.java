package hitch.core.story;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How long a film is to be.
 *
 * @param word what it is called
 * @param seconds what it is to come to; empty for as long as it takes
 * @param least worth of what is told at least; what is worth less is left out
 */
public record Length(String word, OptionalDouble seconds, int least) {
    /** All of it. */
    public static final Length FULL = new Length("full", OptionalDouble.empty(), 0);
    /** What somebody wants to know. */
    public static final Length STANDARD = new Length("standard", OptionalDouble.empty(), 15);
    /** What an owner sits through on a telephone. */
    public static final Length SHORT = new Length("short", OptionalDouble.of(90), 0);

    public static final List<Length> ALL = List.of(FULL, STANDARD, SHORT);

    private static final int SHORTEST_S = 20;
    private static final int LONGEST_S = 3600;

    /** A length by its word, or in seconds such as {@code 120}; empty where it is none. */
    public static Optional<Length> of(String text) {
        String word = text.strip();
        if (word.matches("\\d{1,4}")) {
            int seconds = Integer.parseInt(word);
            return seconds < SHORTEST_S || seconds > LONGEST_S
                    ? Optional.empty()
                    : Optional.of(new Length(word + " s", OptionalDouble.of(seconds), 0));
        }
        return ALL.stream().filter(l -> l.word.equals(word)).findFirst();
    }
}
