package hitch.core.note.grammar;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Knows which phrases say no more than the kind they name, so that nothing is lost when the kind's word stands for them:
 * its own word in any form, and those listed in {@code words.txt} under {@code [same]}.
 */
final class PlainWords {
    private static final Set<String> SMALL = Set.of(
            "a", "an", "the", "of", "in", "on", "at", "is", "are", "its", "theres", "there", "some", "with", "from",
            "for", "to", "about", "around", "and", "or", "then", "plus", "also", "not", "it", "them", "em");

    private static final Pattern APOSTROPHE = Pattern.compile("['\u2019]");
    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final Pattern NO_LETTER = Pattern.compile("[^\\p{L}]+");
    private static final Pattern ENDING = Pattern.compile("(?:s|es|e|ed|d|ing|n|en|y|er)?|(.)(?:ed|ing)");

    private final Set<String> same;

    PlainWords(Set<String> same) {
        this.same = Set.copyOf(same);
    }

    /**
     * @param typed the words as they stand in the note
     * @param label the kind's word, as its chip says it
     */
    boolean says(String typed, String label) {
        String lower = APOSTROPHE.matcher(typed.toLowerCase(Locale.ROOT)).replaceAll("");
        List<String> words = NO_WORD.splitAsStream(lower)
                .filter(w -> !w.isEmpty() && !SMALL.contains(w))
                .toList();
        // A figure that a kind is told from, such as a depth, stands in its traits.
        if (typed.chars().anyMatch(c -> c >= '0' && c <= '9') || same.contains(String.join(" ", words))) {
            return true;
        }
        List<String> own = List.of(NO_LETTER.split(label.toLowerCase(Locale.ROOT)));
        return words.stream().allMatch(w -> own.stream().anyMatch(o -> isForm(w, o)));
    }

    /** Whether a word is a form of another: crack, cracks, cracked, cracking. */
    private static boolean isForm(String word, String of) {
        String stem = of.length() > 4 && (of.endsWith("s") || of.endsWith("e")) ? of.substring(0, of.length() - 1) : of;
        return word.equals(of)
                || word.startsWith(stem)
                        && ENDING.matcher(word.substring(stem.length())).matches();
    }
}
