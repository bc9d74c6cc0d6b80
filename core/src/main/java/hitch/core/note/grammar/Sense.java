package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence with what was found in it so far, for the rules that read more from its words. */
final class Sense {
    /**
     * Words that a rule looked for.
     *
     * @param first the part they begin in
     * @param last the part they end in
     * @param groups what the pattern's groups hold; null for one that holds nothing
     */
    record Match(int first, int last, List<String> groups) {
        String group(int n) {
            return groups.get(n) == null ? "" : groups.get(n).strip();
        }

        boolean has(int n) {
            return groups.get(n) != null;
        }
    }

    private final Phrases parts;
    private final List<Candidate> found;
    private final boolean typed;
    private final String text;
    private final int[] starts;

    Sense(Phrases parts, List<Candidate> found, boolean typed) {
        this.parts = parts;
        this.found = found;
        this.typed = typed;
        this.starts = new int[parts.size()];
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < parts.size(); i++) {
            all.append(i == 0 ? "" : " ");
            starts[i] = all.length();
            all.append(parts.at(i).text());
        }
        this.text = all.toString();
    }

    Phrases parts() {
        return parts;
    }

    boolean typed() {
        return typed;
    }

    String text() {
        return text;
    }

    /** Where {@code pattern} is found first. */
    Optional<Match> find(Pattern pattern) {
        if (!Gist.of(pattern).mayBeIn(text)) {
            return Optional.empty();
        }
        Matcher m = pattern.matcher(text);
        return m.find() ? Optional.of(match(m)) : Optional.empty();
    }

    List<Match> all(Pattern pattern) {
        List<Match> all = new ArrayList<>();
        if (!Gist.of(pattern).mayBeIn(text)) {
            return all;
        }
        Matcher m = pattern.matcher(text);
        while (m.find()) {
            all.add(match(m));
        }
        return all;
    }

    boolean says(Pattern pattern) {
        return Gist.of(pattern).mayBeIn(text) && pattern.matcher(text).find();
    }

    private Match match(Matcher m) {
        List<String> groups = new ArrayList<>();
        for (int g = 0; g <= m.groupCount(); g++) {
            groups.add(m.group(g));
        }
        return new Match(part(m.start()), part(Math.max(m.start(), m.end() - 1)), groups);
    }

    private int part(int offset) {
        int part = 0;
        while (part + 1 < starts.length && starts[part + 1] <= offset) {
            part++;
        }
        return part;
    }

    List<Candidate> found() {
        return found;
    }

    List<Candidate> of(FindingKind... kinds) {
        return found.stream().filter(c -> List.of(kinds).contains(c.matter())).toList();
    }

    Optional<Candidate> first(FindingKind... kinds) {
        return of(kinds).stream().findFirst();
    }

    boolean any(FindingKind... kinds) {
        return !of(kinds).isEmpty();
    }

    /** The candidate that {@code part} is said of: the nearest before it, else the nearest behind, of those that fit. */
    Optional<Candidate> nearest(int part, Predicate<Candidate> fits) {
        Optional<Candidate> before =
                found.stream().filter(c -> c.at() <= part && fits.test(c)).max(Comparator.comparingInt(Candidate::at));
        return before.or(() ->
                found.stream().filter(c -> c.at() > part && fits.test(c)).min(Comparator.comparingInt(Candidate::at)));
    }

    Candidate add(FindingKind kind, int at) {
        Candidate made = new Candidate(kind, at);
        found.add(made);
        found.sort(Comparator.comparingInt(Candidate::at));
        return made;
    }

    /** Drops what was only named to tell something else. */
    void drop(Predicate<Candidate> which) {
        found.removeIf(which);
    }

    void drop(FindingKind... kinds) {
        drop(c -> List.of(kinds).contains(c.matter()));
    }

    /** Says a detail of a candidate, told by these words. */
    <T> void say(Candidate of, Detail<T> detail, T value, Match words) {
        of.say(detail, value).understanding(detail, words.first(), words.last());
    }

    /** Says free words of a candidate. */
    void sayWords(Candidate of, Detail<String> detail, String value, Match words) {
        String plain = value.strip().replaceAll("^(?:the|a|an|her|his|their|our|my|that|some)\\s+", "");
        if (!plain.isBlank()) {
            say(of, detail, plain, words);
        }
    }

    /** The whole number at a part, whatever it was taken for. */
    Optional<Integer> number(int part) {
        return NumberWords.whole(parts.at(part).text());
    }

    /** The first part of a meaning from {@code from} on. */
    int next(int from, Class<? extends Meaning> type) {
        for (int i = Math.max(0, from); i < parts.size(); i++) {
            if (parts.has(i, type)) {
                return i;
            }
        }
        return -1;
    }

    boolean has(Class<? extends Meaning> type) {
        return next(0, type) >= 0;
    }
}
