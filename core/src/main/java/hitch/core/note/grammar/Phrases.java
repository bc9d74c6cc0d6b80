package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A sentence as parts, while rules join neighbours into parts of fuller meaning. */
final class Phrases {
    private static final Phrase EDGE = new Phrase(new Meaning.Plain("\n"), "\n", 0, 0);

    private final List<Phrase> parts;

    Phrases(List<Phrase> parts) {
        this.parts = new ArrayList<>(parts);
    }

    /** The parts of {@code tokens}: phrases of {@code words}, numbers, and what is left as it is. */
    static Phrases of(List<Token> tokens, Words words) {
        List<Phrase> parts = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            Token token = tokens.get(i);
            Optional<Words.Found> found = countsZero(tokens, i) ? Optional.empty() : words.at(tokens, i);
            if (found.isPresent() && givesWay(tokens, i, found.get().tokens(), words)) {
                found = words.at(tokens.subList(i, i + 1), 0);
            }
            int count = found.map(Words.Found::tokens).orElse(1);
            Token last = tokens.get(i + count - 1);
            Meaning plain = token.isNumber() ? new Meaning.Number(token.value()) : new Meaning.Plain(token.text());
            parts.add(new Phrase(
                    found.map(Words.Found::meaning).orElse(plain), text(tokens, i, count), token.start(), last.end()));
            i += count;
        }
        return new Phrases(parts);
    }

    private static String text(List<Token> tokens, int from, int count) {
        if (count == 1) {
            return tokens.get(from).text();
        }
        StringBuilder text = new StringBuilder();
        tokens.subList(from, from + count)
                .forEach(t -> text.append(text.isEmpty() ? "" : " ").append(t.text()));
        return text.toString();
    }

    /** Whether a phrase of the trade begins within another phrase and reaches beyond it: "were | not able to pass". */
    private static boolean givesWay(List<Token> tokens, int i, int count, Words words) {
        for (int k = 1; k < count; k++) {
            Optional<Words.Found> inner = words.at(tokens, i + k);
            boolean trade = inner.map(Words.Found::meaning)
                    .map(m -> m instanceof Meaning.Thing t && !t.weak())
                    .orElse(false);
            if (trade && k + inner.get().tokens() > count) {
                return true;
            }
        }
        return false;
    }

    /** Zero as a figure, not as what is done to the counter. */
    private static boolean countsZero(List<Token> tokens, int i) {
        if (!tokens.get(i).isNumber()) {
            return false;
        }
        String before = i > 0 ? tokens.get(i - 1).text() : "";
        String after = i + 1 < tokens.size() ? tokens.get(i + 1).text() : "";
        if (List.of("out", "it", "the", "my", "here", "counter").contains(after)) {
            return false;
        }
        return List.of("from", "at", "to", "between", "and").contains(before)
                || List.of("to", "feet", "foot", "ft", "-", "through", "percent", "inches", "and")
                        .contains(after);
    }

    /** Whether any part is more than a plain word, so that reading on is worth while. */
    boolean saySomething() {
        return parts.stream()
                .anyMatch(p -> !(p.meaning() instanceof Meaning.Plain) && !(p.meaning() instanceof Meaning.Joined)
                        || p.is(Glue.SORRY)
                        || p.is(Glue.ADVISE)
                        || p.is(Glue.REMEDY)
                        || p.is(Glue.AGAIN));
    }

    /** The whole sentence, lower case, a space between the words. */
    String text() {
        return parts.stream().map(Phrase::text).collect(Collectors.joining(" "));
    }

    int size() {
        return parts.size();
    }

    /** The part at {@code index}; an empty edge outside the sentence. */
    Phrase at(int index) {
        return index >= 0 && index < parts.size() ? parts.get(index) : EDGE;
    }

    boolean is(int index, Glue glue) {
        return at(index).is(glue);
    }

    boolean isAny(int index, Glue... glues) {
        for (Glue glue : glues) {
            if (is(index, glue)) {
                return true;
            }
        }
        return false;
    }

    boolean says(int index, String... words) {
        for (String word : words) {
            if (at(index).says(word)) {
                return true;
            }
        }
        return false;
    }

    boolean isEdge(int index) {
        return index < 0 || index >= parts.size();
    }

    /** The part's meaning where it is one of {@code type}. */
    <T extends Meaning> Optional<T> as(int index, Class<T> type) {
        Meaning meaning = at(index).meaning();
        return type.isInstance(meaning) ? Optional.of(type.cast(meaning)) : Optional.empty();
    }

    boolean has(int index, Class<? extends Meaning> type) {
        return type.isInstance(at(index).meaning());
    }

    boolean isThing(int index) {
        return has(index, Meaning.Thing.class);
    }

    boolean isThing(int index, FindingKind kind) {
        return as(index, Meaning.Thing.class).map(t -> t.kind() == kind).orElse(false);
    }

    /** Whether a number at {@code index} measures a step or a gap that is named right before it, small words aside. */
    boolean isOfStep(int index) {
        int i = index - 1;
        while (has(i, Meaning.Round.class)
                || has(i, Meaning.Much.class)
                || has(i, Meaning.Said.class)
                || says(i, "up", "down", "about", ",", "of")) {
            i--;
        }
        return isThing(i, FindingKind.OFFSET) || isThing(i, FindingKind.GAP);
    }

    boolean touches(int index) {
        return !isEdge(index)
                && !isEdge(index + 1)
                && at(index).end() == at(index + 1).start();
    }

    /** Gives the part at {@code index} another meaning. */
    void set(int index, Meaning meaning) {
        parts.set(index, parts.get(index).as(meaning));
    }

    /** Joins the parts from {@code from} to {@code to}, both included, into one. */
    void join(int from, int to, Meaning meaning) {
        Phrase whole = parts.get(from);
        for (int i = from + 1; i <= to; i++) {
            whole = whole.upTo(parts.get(i), meaning);
        }
        parts.subList(from, to + 1).clear();
        parts.add(from, whole.as(meaning));
    }

    void remove(int from, int to) {
        parts.subList(from, to + 1).clear();
    }

    /** The nearest place before {@code index} that is no filler word. */
    int before(int index) {
        int i = index - 1;
        while (isFiller(i)) {
            i--;
        }
        return i;
    }

    /** The nearest place after {@code index} that is no filler word. */
    int after(int index) {
        int i = index + 1;
        while (isFiller(i)) {
            i++;
        }
        return i;
    }

    /** Whether the part says that a figure is rough: "about", "around". */
    boolean isRough(int index) {
        return says(index, "about", "around", "approximately", "roughly", "approx", "circa", "only about");
    }

    private boolean isFiller(int index) {
        return !isEdge(index) && (isRough(index) || isFillerWord(index));
    }

    private boolean isFillerWord(int index) {
        return says(
                index, "the", "a", "an", "like", "say", "um", "uh", "ah", "just", "right", "exactly", "our", "your",
                "this", "that", "these", "those", "its", "some", "kind", "sort", "you", "know", "hmm", "okay", "ok",
                "well", "it", "is", "little", "pretty");
    }

    List<Phrase> all() {
        return List.copyOf(parts);
    }
}
