package hitch.desk.cut;

import hitch.core.note.grammar.TradeWords;
import hitch.core.story.words.PhraseBook;
import java.io.IOException;
import java.io.InputStream;
import java.text.ParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.store.ByteBuffersDirectory;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Whether words are spelled as US English, the trade or the firm spells them, and what may have been meant. Until its list is read all words are right. */
final class Spelling {
    private static final Logger LOG = LoggerFactory.getLogger(Spelling.class);
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}'\u2019]*");
    private static final int SUGGESTED = 5;
    /** Read once, by whoever asks first. */
    private static final CompletableFuture<Optional<Hunspell>> LIST = CompletableFuture.supplyAsync(Spelling::list);

    private static final Set<String> TRADE = tradeWords();
    private final Map<String, Boolean> known = new ConcurrentHashMap<>();
    private volatile Set<String> own = Set.of();

    /** Where a word stands that is not spelled rightly. */
    record Slip(int from, int to, String word) {}

    private static Optional<Hunspell> list() {
        try (InputStream affixes = Spelling.class.getResourceAsStream("/hitch/desk/spelling/en_US.aff");
                InputStream words = Spelling.class.getResourceAsStream("/hitch/desk/spelling/en_US.dic")) {
            return Optional.of(new Hunspell(new Dictionary(new ByteBuffersDirectory(), "spelling", affixes, words)));
        } catch (IOException | ParseException e) {
            LOG.warn("spelling is not looked at: {}", e.getMessage());
            return Optional.empty();
        }
    }

    /** The words that notes are read by, and those of all that a film can say by itself. */
    private static Set<String> tradeWords() {
        Set<String> words = new HashSet<>(TradeWords.all());
        PhraseBook.SHIPPED
                .lines()
                .values()
                .forEach(lines -> lines.forEach(line -> {
                    Matcher word = WORD.matcher(line);
                    while (word.find()) {
                        words.add(word.group().toLowerCase(Locale.ROOT));
                    }
                }));
        return words;
    }

    /** Takes the firm's words, and names of the job, for right. */
    void own(Set<String> words) {
        Set<String> small = new HashSet<>();
        words.forEach(w ->
                WORD.matcher(w).results().forEach(m -> small.add(m.group().toLowerCase(Locale.ROOT))));
        own = small;
    }

    /** Runs once the list is read. */
    void whenRead(Runnable then) {
        LIST.thenRun(then);
    }

    List<Slip> in(String text) {
        List<Slip> slips = new ArrayList<>();
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            if (!isRight(word.group())) {
                slips.add(new Slip(word.start(), word.end(), word.group()));
            }
        }
        return slips;
    }

    private boolean isRight(String word) {
        String plain = word.replace('\u2019', '\'').replaceAll("'s$|'$", "");
        String small = plain.toLowerCase(Locale.ROOT);
        Optional<Hunspell> list = LIST.getNow(Optional.empty());
        return plain.length() < 2
                || own.contains(small)
                || TRADE.contains(small)
                || list.isEmpty()
                || known.computeIfAbsent(plain, w -> list.get().spell(w));
    }

    /** What may have been meant, the likeliest first; takes up to a second. */
    List<String> meant(String word) {
        return LIST.join()
                .map(l -> l.suggest(word).stream().limit(SUGGESTED).toList())
                .orElse(List.of());
    }
}
