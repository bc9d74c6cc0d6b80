package hitch.media.voice;

import java.util.Collections;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words that are not said as they are written, each with how one would write what is said: {@code Brandt = Brahnt}. Case does not count.
 *
 * @param words how a word is said, by the word in small letters
 */
public record SaidAs(Map<String, String> words) {
    public static final SaidAs NOTHING = new SaidAs(Map.of());

    private static final Pattern WORD = Pattern.compile("[\\p{L}][\\p{L}'’]*");

    public SaidAs {
        TreeMap<String, String> sorted = new TreeMap<>();
        words.forEach((word, said) -> sorted.put(word.toLowerCase(Locale.ROOT), said));
        words = Collections.unmodifiableMap(sorted);
    }

    /**
     * A list, a word a line.
     *
     * @throws IllegalArgumentException with the line that cannot be
     */
    public static SaidAs parse(String text) {
        Map<String, String> words = new TreeMap<>();
        for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
            int equals = line.indexOf('=');
            String word = equals < 0 ? "" : line.substring(0, equals).strip();
            String said = equals < 0 ? "" : line.substring(equals + 1).strip();
            if (!WORD.matcher(word).matches() || said.isEmpty()) {
                throw new IllegalArgumentException(
                        "\"" + line.strip() + "\" tells no word and how it is said, such as: Brandt = Brahnt.");
            }
            words.put(word, said);
        }
        return new SaidAs(words);
    }

    public String text() {
        StringBuilder text = new StringBuilder();
        words.forEach(
                (word, said) -> text.append(word).append(" = ").append(said).append('\n'));
        return text.toString();
    }

    /** A text as it is said. */
    public String of(String text) {
        if (words.isEmpty()) {
            return text;
        }
        Matcher word = WORD.matcher(text);
        return word.replaceAll(found -> Matcher.quoteReplacement(said(found.group())));
    }

    /** A word, or its stem where it stands in the possessive. */
    private String said(String word) {
        String small = word.replace('’', '\'').toLowerCase(Locale.ROOT);
        if (words.containsKey(small)) {
            return words.get(small);
        }
        boolean owns = small.endsWith("'s") && words.containsKey(small.substring(0, small.length() - 2));
        return owns ? words.get(small.substring(0, small.length() - 2)) + "'s" : word;
    }

    /** A narrator that says these words so. */
    public Narrator spokenBy(Narrator voice) {
        return new Narrator() {
            @Override
            public Sound speak(String text) throws hitch.media.MediaException {
                return voice.speak(of(text));
            }

            @Override
            public String id() {
                return voice.id();
            }

            @Override
            public void rest() {
                voice.rest();
            }
        };
    }
}
