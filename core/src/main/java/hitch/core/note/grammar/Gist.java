package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * Letters that stand in whatever a pattern matches: one at least of some short texts. Looking for those first spares most
 * sentences the pattern itself (as in Cox, Regular Expression Matching with a Trigram Index, 2012). A pattern of which
 * nothing is known may match anything.
 */
public final class Gist {
    /** Texts shorter than this stand nearly everywhere. */
    private static final int SHORT = 2;
    /** More texts than this are no help. */
    private static final int MANY = 60;

    private static final Map<Pattern, Gist> KNOWN = new ConcurrentHashMap<>();

    private final List<String> needed;

    private Gist(List<String> needed) {
        this.needed = needed;
    }

    /** Made once for each pattern. */
    public static Gist of(Pattern pattern) {
        return KNOWN.computeIfAbsent(
                pattern,
                p -> new Gist(
                        p.flags() == 0 ? new Reader(p.pattern()).alternatives().orElse(List.of()) : List.of()));
    }

    /** Whether the pattern may be found in {@code text}; where it says no, it is not. */
    public boolean mayBeIn(String text) {
        if (needed.isEmpty()) {
            return true;
        }
        for (String one : needed) {
            if (text.contains(one)) {
                return true;
            }
        }
        return false;
    }

    /** Reads a pattern's text by descent: alternatives, a row of pieces, a piece with what may follow it. */
    private static final class Reader {
        private static final Map<Character, Character> CLOSES = new HashMap<>(Map.of('(', ')', '[', ']'));

        private final String text;
        private int at;

        Reader(String text) {
            this.text = text;
        }

        private boolean ended() {
            return at >= text.length();
        }

        /** What one of the alternatives needs; empty where one of them needs nothing. */
        Optional<List<String>> alternatives() {
            List<String> all = new ArrayList<>();
            boolean known = true;
            while (true) {
                Optional<List<String>> row = row();
                known &= row.isPresent();
                row.ifPresent(all::addAll);
                if (ended() || text.charAt(at) != '|') {
                    break;
                }
                at++;
            }
            return known && all.size() <= MANY ? Optional.of(all) : Optional.empty();
        }

        private Optional<List<String>> row() {
            Optional<List<String>> best = Optional.empty();
            StringBuilder letters = new StringBuilder();
            while (!ended() && text.charAt(at) != '|' && text.charAt(at) != CLOSES.get('(')) {
                char c = text.charAt(at);
                if (c == '(') {
                    best = better(best, whole(letters));
                    best = better(best, group());
                } else if (c == '[') {
                    best = better(best, whole(letters));
                    set();
                    quantifier();
                } else if (c == '\\') {
                    best = better(best, whole(letters));
                    escape();
                    quantifier();
                } else if (".^$".indexOf(c) >= 0) {
                    best = better(best, whole(letters));
                    at++;
                    quantifier();
                } else {
                    at++;
                    boolean sure = ended() || "?*+{".indexOf(text.charAt(at)) < 0;
                    if (sure) {
                        letters.append(c);
                    } else {
                        boolean must = text.charAt(at) == '+';
                        if (must) {
                            letters.append(c);
                        }
                        quantifier();
                        best = better(best, whole(letters));
                    }
                }
            }
            return better(best, whole(letters));
        }

        /** The letters gathered so far, which are gathered anew. */
        private static Optional<List<String>> whole(StringBuilder letters) {
            String found = letters.toString();
            letters.setLength(0);
            return found.strip().length() >= SHORT ? Optional.of(List.of(found)) : Optional.empty();
        }

        private static Optional<List<String>> better(Optional<List<String>> one, Optional<List<String>> other) {
            if (one.isEmpty() || other.isEmpty()) {
                return one.or(() -> other);
            }
            return worth(other.get()) > worth(one.get()) ? other : one;
        }

        /** The longer its shortest text and the fewer they are, the better. */
        private static double worth(List<String> texts) {
            int shortest = texts.stream().mapToInt(String::length).min().orElse(0);
            return shortest - texts.size() / 8.0;
        }

        private Optional<List<String>> group() {
            at++;
            boolean counts = true;
            if (text.startsWith("?:", at)) {
                at += 2;
            } else if (text.startsWith("?", at)) {
                // Looks ahead or behind, or has a name or a flag: nothing is taken from it.
                counts = false;
            }
            Optional<List<String>> inside = alternatives();
            at++;
            boolean must = quantifier();
            return counts && must ? inside : Optional.empty();
        }

        /** Passes what says how often; whether it says at least once. */
        private boolean quantifier() {
            boolean must = true;
            while (!ended() && "?*+{".indexOf(text.charAt(at)) >= 0) {
                char c = text.charAt(at);
                must &= c == '+';
                at = c == '{' ? text.indexOf('}', at) + 1 : at + 1;
            }
            return must;
        }

        private void set() {
            at++;
            int depth = 1;
            boolean first = true;
            while (depth > 0) {
                char c = text.charAt(at++);
                if (c == '\\') {
                    at++;
                } else if (c == '[') {
                    depth++;
                } else if (c == ']' && !first) {
                    depth--;
                }
                first = first && c == '^';
            }
        }

        private void escape() {
            char kind = text.charAt(at + 1);
            at += 2;
            if ((kind == 'p' || kind == 'P') && !ended() && text.charAt(at) == '{') {
                at = text.indexOf('}', at) + 1;
            }
        }
    }
}
