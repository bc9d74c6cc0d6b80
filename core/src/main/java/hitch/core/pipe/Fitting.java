package hitch.core.pipe;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Bends as fittings are named: by the part of a full circle they turn. A quarter bend turns 360 / 4 = 90 degrees, an eighth
 * 360 / 8 = 45, and so on; an elbow or a sweep of which nothing else is said turns a quarter.
 */
public final class Fitting {
    private static final Map<String, Integer> WORDS = new LinkedHashMap<>();

    static {
        for (String word : new String[] {"sixteenth", "1/16", "16th"}) {
            WORDS.put(word, 23);
        }
        for (String word : new String[] {"eighth", "1/8", "8th"}) {
            WORDS.put(word, 45);
        }
        for (String word : new String[] {"sixth", "1/6"}) {
            WORDS.put(word, 60);
        }
        for (String word : new String[] {"fifth", "1/5"}) {
            WORDS.put(word, 72);
        }
        for (String word : new String[] {"quarter", "1/4", "elbow", "ell", "sweep"}) {
            WORDS.put(word, 90);
        }
    }

    private Fitting() {}

    /** Degrees that the fitting named in {@code words} turns, to the whole degree; empty where none is named. */
    public static OptionalInt degrees(String words) {
        String text = " " + words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9/]+", " ") + " ";
        return WORDS.entrySet().stream()
                .filter(w -> text.contains(" " + w.getKey() + " "))
                .mapToInt(Map.Entry::getValue)
                .findFirst();
    }
}
