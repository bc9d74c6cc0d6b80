package hitch.media.voice;

import hitch.media.MediaException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a sentence is said, in the voice's symbols: words by {@link Lexicon}, weak words left weak, words with two sounds told apart by their
 * neighbours, abbreviations letter by letter. What ships of it stands in {@code pronounced.txt}.
 */
public final class Pronunciation {
    private static final Pattern TOKEN = Pattern.compile("[\\p{L}][\\p{L}'’-]*|[.,;:?!—]");
    private static final Set<Character> VOWEL_SOUNDS =
            Set.of('ɑ', 'æ', 'ʌ', 'ɔ', 'W', 'ə', 'I', 'ɜ', 'A', 'ɪ', 'i', 'O', 'Y', 'ʊ', 'u', 'ɛ', 'ɐ');

    private final Lexicon lexicon;
    private final Map<String, Map<String, String>> lists = new HashMap<>();
    private final List<Either> either = new ArrayList<>();

    /** Another sound of a word beside certain neighbours. */
    private record Either(String word, boolean before, Set<String> neighbours, String sound) {}

    /**
     * @throws MediaException where what ships cannot be read
     */
    public Pronunciation() throws MediaException {
        lexicon = new Lexicon();
        try (InputStream in = Pronunciation.class.getResourceAsStream("/hitch/media/voice/pronounced.txt")) {
            read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new MediaException("What words sound like cannot be read: " + e.getMessage(), e);
        }
    }

    private void read(String text) {
        String list = "";
        for (String line :
                text.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList()) {
            if (line.startsWith("[")) {
                list = line.substring(1, line.indexOf(']'));
                continue;
            }
            String key = line.substring(0, line.indexOf('=')).strip();
            String sound = line.substring(line.indexOf('=') + 1).strip();
            int stroke = key.indexOf('/');
            if (stroke < 0) {
                lists.computeIfAbsent(list, l -> new HashMap<>()).put(key, sound);
                continue;
            }
            String word = key.substring(0, stroke).strip();
            String when = key.substring(stroke + 1).strip();
            int blank = when.indexOf(' ');
            either.add(
                    blank < 0
                            ? new Either(word, true, Set.of(), sound)
                            : new Either(
                                    word,
                                    when.startsWith("before"),
                                    Set.of(when.substring(blank).strip().split(", ")),
                                    sound));
        }
    }

    /**
     * The symbols of a text whose figures are spelled out; punctuation stays, since it shapes the melody.
     */
    public String of(String text) {
        List<String> tokens = new ArrayList<>();
        Matcher token = TOKEN.matcher(text.replace('’', '\''));
        while (token.find()) {
            tokens.add(token.group());
        }
        StringBuilder out = new StringBuilder();
        String next = "";
        List<String> sounds = new ArrayList<>(tokens);
        // From the end, since what a weak word sounds like hangs on what follows it.
        for (int i = tokens.size() - 1; i >= 0; i--) {
            next = sound(tokens, i, next);
            sounds.set(i, next);
        }
        for (int i = 0; i < tokens.size(); i++) {
            if (!out.isEmpty() && isWord(tokens.get(i)) && !sounds.get(i).isEmpty()) {
                out.append(' ');
            }
            out.append(sounds.get(i));
        }
        return out.toString();
    }

    private String sound(List<String> tokens, int i, String next) {
        String token = tokens.get(i);
        if (!isWord(token)) {
            return token.equals(";") ? "," : token;
        }
        String word = token.toLowerCase(Locale.ROOT);
        if (token.length() == 1 && Character.isUpperCase(token.charAt(0)) && !isSentenceWord(tokens, i)) {
            return known("letters", word).orElse("");
        }
        Optional<String> other = either.stream()
                .filter(e -> e.word().equals(word) && asks(e, tokens, i, next))
                .map(Either::sound)
                .findFirst();
        return other.or(() -> known("either", word))
                .or(() -> i + 1 < tokens.size() && isWord(tokens.get(i + 1)) ? known("weak", word) : strong(word))
                .or(() -> known("words", word))
                .orElseGet(() -> parts(word));
    }

    /** Some weak words bear stress where a clause ends on them: "where it comes from". */
    private Optional<String> strong(String word) {
        Optional<String> weak = known("weak", word);
        return known("last", word).isPresent() ? weak.map(Pronunciation::stressed) : weak;
    }

    private static String stressed(String sound) {
        if (sound.indexOf('ˈ') >= 0) {
            return sound;
        }
        for (int i = 0; i < sound.length(); i++) {
            if (VOWEL_SOUNDS.contains(sound.charAt(i))) {
                return sound.substring(0, i) + "ˈ" + sound.substring(i);
            }
        }
        return sound;
    }

    /** "A" that begins a sentence is the article, and "I" the speaker. */
    private static boolean isSentenceWord(List<String> tokens, int i) {
        boolean nextIsLetter = i + 1 < tokens.size()
                && tokens.get(i + 1).length() == 1
                && Character.isUpperCase(tokens.get(i + 1).charAt(0));
        boolean wasLetter = i > 0
                && tokens.get(i - 1).length() == 1
                && Character.isUpperCase(tokens.get(i - 1).charAt(0));
        return (tokens.get(i).equals("A") || tokens.get(i).equals("I")) && !nextIsLetter && !wasLetter;
    }

    private static boolean asks(Either e, List<String> tokens, int i, String next) {
        if (e.neighbours().isEmpty()) {
            String bare = next.replaceAll("^[ˈˌ]", "");
            return !bare.isEmpty() && VOWEL_SOUNDS.contains(bare.charAt(0));
        }
        int at = e.before() ? i + 1 : i - 1;
        return at >= 0
                && at < tokens.size()
                && e.neighbours().contains(tokens.get(at).toLowerCase(Locale.ROOT));
    }

    private String parts(String word) {
        if (!word.contains("-")) {
            return lexicon.say(word);
        }
        List<String> said = new ArrayList<>();
        for (String part : word.split("-")) {
            said.add(known("words", part).orElseGet(() -> lexicon.say(part)));
        }
        return String.join(" ", said);
    }

    private Optional<String> known(String list, String word) {
        return Optional.ofNullable(lists.getOrDefault(list, Map.of()).get(word));
    }

    private static boolean isWord(String token) {
        return Character.isLetter(token.charAt(0));
    }
}
