package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The vocabulary: phrases and what they mean, found longest first; words that are nearly right are found too. */
final class Words {
    private static final Words SHIPPED = new Words(WordFile.read());

    /** A node of the tree of phrases, one word a step. */
    private static final class Step {
        private final Map<String, Step> next = new HashMap<>();
        private Meaning meaning;
    }

    /**
     * A phrase found in a note.
     *
     * @param tokens how many tokens it takes
     */
    record Found(Meaning meaning, int tokens) {}

    private final Map<String, Meaning> phrases;
    private final Step root = new Step();
    private final NearWords near;

    Words(Map<String, Meaning> phrases) {
        this.phrases = Map.copyOf(phrases);
        Set<String> trade = new HashSet<>();
        phrases.forEach((phrase, meaning) -> {
            Step step = root;
            for (String word : phrase.split(" ")) {
                step = step.next.computeIfAbsent(word, w -> new Step());
                if (!(meaning instanceof Meaning.Joined)) {
                    trade.add(word);
                }
            }
            step.meaning = meaning;
        });
        Set<String> known = new HashSet<>();
        phrases.keySet().forEach(p -> known.addAll(List.of(p.split(" "))));
        near = new NearWords(trade, known);
    }

    static Words shipped() {
        return SHIPPED;
    }

    /** With words of the firm's own for kinds; a phrase it names anew gets the firm's meaning. */
    Words with(Map<String, FindingKind> own) {
        if (own.isEmpty()) {
            return this;
        }
        Map<String, Meaning> more = new HashMap<>(phrases);
        own.forEach((phrase, kind) -> {
            List<String> words = new ArrayList<>();
            Tokenizer.cut(phrase).forEach(t -> words.add(t.text()));
            if (!words.isEmpty()) {
                more.put(String.join(" ", words), new Meaning.Thing(kind, false));
            }
        });
        return new Words(more);
    }

    /** The longest phrase that begins with token {@code from}. */
    Optional<Found> at(List<Token> tokens, int from) {
        Found best = null;
        Step step = root;
        for (int i = from; i < tokens.size() && step != null; i++) {
            Token token = tokens.get(i);
            Step onward = token.isNumber() && !step.next.containsKey(token.text()) ? null : step.next.get(token.text());
            if (onward == null && token.isPossessive()) {
                onward = step.next.get(token.text().substring(0, token.text().length() - 1));
            }
            if (onward == null && token.isWord()) {
                onward = near.to(token.text()).map(step.next::get).orElse(null);
            }
            step = onward;
            if (step != null && step.meaning != null) {
                best = new Found(step.meaning, i - from + 1);
            }
        }
        return Optional.ofNullable(best);
    }

    /** The phrases that begin with {@code start}, shortest first, for completion. */
    List<String> beginning(String start) {
        return phrases.entrySet().stream()
                .filter(e -> e.getValue() instanceof Meaning.Thing
                        || e.getValue() instanceof Meaning.MadeOf
                        || e.getValue() instanceof Meaning.Round)
                .map(Map.Entry::getKey)
                .filter(p -> p.startsWith(start))
                .sorted((a, b) -> a.length() != b.length() ? a.length() - b.length() : a.compareTo(b))
                .toList();
    }

    /** Whether {@code word} is no word of the trade but would be taken for one, ordinary words and all. */
    boolean isNear(String word) {
        return near.nearest(word).isPresent();
    }

    Map<String, Meaning> phrases() {
        return phrases;
    }
}
