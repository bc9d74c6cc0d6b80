package hitch.core.note.grammar;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Knows which phrases say no more than the kind they name, so that nothing is lost when the kind's word stands for them:
 * its own word in any form, and those listed in {@code words.txt} under {@code [same]}.
 */
final class PlainWords {
    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "of", "in", "on", "at", "is", "are", "its", "theres", "there", "some", "with", "from",
            "for", "to", "about", "around", "and", "or", "then", "plus", "also", "not");

    private final Set<String> same;

    PlainWords(Set<String> same) {
        this.same = Set.copyOf(same);
    }

    /**
     * @param typed the words as they stand in the note
     * @param label the kind's word, as its chip says it
     */
    boolean says(String typed, String label) {
        List<String> words = Arrays.stream(typed.toLowerCase(Locale.ROOT)
                        .replaceAll("['\u2019]", "")
                        .split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty() && !SMALL.contains(w))
                .toList();
        // A figure that a kind is told from, such as a depth, stands in its traits.
        if (typed.matches(".*[0-9].*") || same.contains(String.join(" ", words))) {
            return true;
        }
        List<String> own = List.of(label.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        return words.stream().allMatch(w -> own.stream().anyMatch(o -> isForm(w, o)));
    }

    /** Whether a word is a form of another: crack, cracks, cracked, cracking. */
    private static boolean isForm(String word, String of) {
        String stem = of.length() > 4 && (of.endsWith("s") || of.endsWith("e")) ? of.substring(0, of.length() - 1) : of;
        return word.equals(of)
                || word.startsWith(stem)
                        && word.substring(stem.length()).matches("(?:s|es|e|ed|d|ing|n|en|y|er)?|(.)(?:ed|ing)");
    }
}
