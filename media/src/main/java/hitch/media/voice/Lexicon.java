package hitch.media.voice;

import com.sun.speech.freetts.en.us.CMULexicon;
import hitch.media.MediaException;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How a single word is said, in the voice's symbols: what our own list says, else a dictionary, else what its letters suggest. */
final class Lexicon {
    private static final Map<String, String> SYMBOLS = Map.ofEntries(
            Map.entry("aa", "ɑ"),
            Map.entry("ae", "æ"),
            Map.entry("ah", "ʌ"),
            Map.entry("ao", "ɔ"),
            Map.entry("aw", "W"),
            Map.entry("ax", "ə"),
            Map.entry("ay", "I"),
            Map.entry("er", "ɜɹ"),
            Map.entry("ey", "A"),
            Map.entry("ih", "ɪ"),
            Map.entry("iy", "i"),
            Map.entry("ow", "O"),
            Map.entry("oy", "Y"),
            Map.entry("uh", "ʊ"),
            Map.entry("uw", "u"),
            Map.entry("eh", "ɛ"),
            Map.entry("ch", "ʧ"),
            Map.entry("jh", "ʤ"),
            Map.entry("dh", "ð"),
            Map.entry("th", "θ"),
            Map.entry("ng", "ŋ"),
            Map.entry("sh", "ʃ"),
            Map.entry("zh", "ʒ"),
            Map.entry("hh", "h"),
            Map.entry("y", "j"),
            Map.entry("r", "ɹ"),
            Map.entry("g", "ɡ"));
    private static final Set<String> VOWELS =
            Set.of("aa", "ae", "ah", "ao", "aw", "ax", "ay", "er", "ey", "ih", "iy", "ow", "oy", "uh", "uw", "eh");
    /** Ends that draw the stress to themselves. */
    private static final List<String> HEAVY_ENDS = List.of("teen", "ee", "eer", "ette", "ation");

    private final CMULexicon dictionary;
    private final Map<String, String> known = new HashMap<>();

    Lexicon() throws MediaException {
        try {
            dictionary = new CMULexicon("cmulex", true);
            dictionary.load();
        } catch (IOException e) {
            throw new MediaException("The dictionary of the voice cannot be read: " + e.getMessage(), e);
        }
    }

    /** A word in small letters as symbols, with its stress. */
    String say(String word) {
        return known.computeIfAbsent(word, this::look);
    }

    private String look(String word) {
        String[] phones = dictionary.getPhones(word.replace("'", ""), null);
        return phones == null || phones.length == 0 ? "" : spelled(word, phones);
    }

    private static String spelled(String word, String[] phones) {
        int main = main(word, phones);
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < phones.length; i++) {
            String phone = bare(phones[i]);
            boolean stressed = i == main;
            if (VOWELS.contains(phone) && (stressed || phones[i].endsWith("1"))) {
                out.append(stressed ? 'ˈ' : 'ˌ');
            }
            boolean weakBefore = i > 0 && VOWELS.contains(bare(phones[i - 1]));
            boolean vowelAfter = i + 1 < phones.length
                    && VOWELS.contains(bare(phones[i + 1]))
                    && i + 1 != main
                    && !phones[i + 1].endsWith("1");
            if (phone.equals("t") && weakBefore && vowelAfter) {
                out.append('ɾ');
            } else if (phone.equals("er") && !stressed && !phones[i].endsWith("1")) {
                out.append("əɹ");
            } else if (phone.equals("ax") && i + 2 == phones.length && phones[i + 1].equals("l")) {
                out.append('ᵊ');
            } else {
                out.append(SYMBOLS.getOrDefault(phone, phone));
            }
        }
        return out.toString();
    }

    /** Which phone bears the word's stress: the first that is marked, but for words whose end draws it. */
    private static int main(String word, String[] phones) {
        int first = -1;
        int last = -1;
        int vowel = -1;
        for (int i = 0; i < phones.length; i++) {
            if (VOWELS.contains(bare(phones[i])) && vowel < 0) {
                vowel = i;
            }
            if (phones[i].endsWith("1")) {
                first = first < 0 ? i : first;
                last = i;
            }
        }
        if (first < 0) {
            return vowel;
        }
        return HEAVY_ENDS.stream().anyMatch(word::endsWith) ? last : first;
    }

    private static String bare(String phone) {
        return phone.endsWith("1") ? phone.substring(0, phone.length() - 1) : phone;
    }
}
