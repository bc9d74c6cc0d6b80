package hitch.media.ears;

import java.util.Collections;
import java.util.List;

/**
 * What was heard in a piece of sound.
 *
 * @param text the words, a space between any two
 * @param sureness mean log-probability of its parts: about -0.1 where it is right, below -0.5 where it is not
 * @param byWord the same of each word
 */
public record Heard(String text, double sureness, List<Double> byWord) {
    public Heard {
        text = text.strip();
        byWord = List.copyOf(byWord);
    }

    /** As sure of each word as of the whole. */
    public Heard(String text, double sureness) {
        this(
                text,
                sureness,
                Collections.nCopies(text.isBlank() ? 0 : text.strip().split("\\s+").length, sureness));
    }
}
