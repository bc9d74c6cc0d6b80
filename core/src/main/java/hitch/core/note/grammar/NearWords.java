package hitch.core.note.grammar;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Words of the trade by their look and sound: a word that no dictionary has is taken for the one trade word that is a
 * letter away (left out, put in, changed, or two exchanged) or that sounds alike. Ordinary words that a trade word is
 * near to stand in {@code ordinary.txt} and are never changed.
 *
 * <p>Letters away are found by deletions on both sides (symmetric delete search, W. Garbe, 2012); two words with a
 * common one-letter deletion differ by one change or one exchange of neighbours.
 */
final class NearWords {
    private static final String ORDINARY = "/hitch/core/note/ordinary.txt";
    private static final int SHORTEST = 5;
    private static final int LONGEST = 16;

    private final Map<String, String> deletions = new HashMap<>();
    private final Map<String, String> sounds = new HashMap<>();
    private final Set<String> known;
    private final Set<String> ordinary;
    private final Map<String, Optional<String>> met = new HashMap<>();

    /**
     * @param trade words to be found
     * @param known words that are right as they are, with those of {@code trade}
     */
    NearWords(Set<String> trade, Set<String> known) {
        this.known = Set.copyOf(known);
        this.ordinary = ordinary();
        for (String word : trade) {
            if (word.length() >= SHORTEST) {
                add(deletions, word, word);
                for (int i = 0; i < word.length(); i++) {
                    add(deletions, without(word, i), word);
                }
            }
            if (word.length() >= SHORTEST) {
                add(sounds, Sound.of(word), word);
            }
        }
    }

    /** The trade word that {@code word} was meant to be; empty where it stands as it is. */
    synchronized Optional<String> to(String word) {
        if (ordinary.contains(word)) {
            return Optional.empty();
        }
        if (met.size() > 20_000) {
            met.clear();
        }
        return met.computeIfAbsent(word, this::nearest);
    }

    /** The same, ordinary words not spared. */
    Optional<String> nearest(String word) {
        if (word.length() < SHORTEST || word.length() > LONGEST || known.contains(word)) {
            return Optional.empty();
        }
        for (int i = 0; i < word.length(); i++) {
            if (word.charAt(i) > 'z') {
                return Optional.empty();
            }
        }
        // One letter more than a trade word, one less, one other, or two exchanged.
        String found = deletions.get(word);
        for (int i = 0; i < word.length() && found == null; i++) {
            String near = deletions.get(without(word, i));
            found = near != null && near.length() >= word.length() - 1 && near.charAt(0) == word.charAt(0)
                    ? near
                    : null;
        }
        if (found == null) {
            String alike = sounds.get(Sound.of(word));
            found = alike != null && Math.abs(alike.length() - word.length()) <= 3 ? alike : null;
        }
        return Optional.ofNullable(found).filter(f -> !f.isEmpty());
    }

    /** Two trade words that cannot be told apart stand for neither, unless one is the other with an s. */
    private static void add(Map<String, String> index, String key, String word) {
        index.merge(key, word, (a, b) -> {
            if (a.equals(b) || key.equals(a)) {
                return a;
            }
            if (key.equals(b)) {
                return b;
            }
            String shorter = a.length() <= b.length() ? a : b;
            String longer = shorter.equals(a) ? b : a;
            return !shorter.isEmpty() && longer.startsWith(shorter.substring(0, shorter.length() - 1)) ? shorter : "";
        });
    }

    private static String without(String word, int index) {
        return word.substring(0, index) + word.substring(index + 1);
    }

    private static Set<String> ordinary() {
        try (InputStream in = NearWords.class.getResourceAsStream(ORDINARY);
                BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            Set<String> words = new HashSet<>();
            reader.lines().filter(l -> !l.startsWith("#")).forEach(l -> words.addAll(Set.of(l.split(" "))));
            return words;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
