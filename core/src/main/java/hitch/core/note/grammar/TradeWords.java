package hitch.core.note.grammar;

import java.util.Collections;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of the trade, one by one, in small letters: those that a note is read by, written out. */
public final class TradeWords {
    private static final Pattern WORD = Pattern.compile("\\p{L}+");

    private TradeWords() {}

    public static Set<String> all() {
        Set<String> words = new HashSet<>();
        for (String phrase : WordFile.read().keySet()) {
            Matcher word = WORD.matcher(phrase);
            while (word.find()) {
                words.add(word.group().toLowerCase(Locale.ROOT));
            }
        }
        return Collections.unmodifiableSet(words);
    }
}
