package hitch.core.story;

import java.util.Arrays;
import java.util.List;

/** Splits narration into sentences; a point between digits is no end. */
public final class Sentences {
    private Sentences() {}

    public static List<String> of(String text) {
        return Arrays.stream(text.strip().split("(?<=[.!?])\\s+(?=[A-Z0-9\"(])"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }
}
