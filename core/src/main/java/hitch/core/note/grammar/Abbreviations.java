package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Spells out what people shorten while typing: {@code ofst dn w/ rts lt}. A word that begins or ends at a stroke goes with it. */
final class Abbreviations {
    private static final Map<String, String> WORDS = WordFile.abbreviations();

    /** What stands on both sides of a stroke. */
    private static final Map<String, String> STROKES = Map.of(
            "b w",
            "between",
            "c o",
            "cleanout",
            "w o",
            "without",
            "n a",
            "not tested",
            "y n",
            "either",
            "h o",
            "owner");

    private Abbreviations() {}

    static List<Token> out(List<Token> tokens) {
        List<Token> out = new ArrayList<>(tokens.size());
        int i = 0;
        while (i < tokens.size()) {
            Token here = tokens.get(i);
            boolean stroke = i + 1 < tokens.size() && tokens.get(i + 1).is("/");
            String both = stroke && i + 2 < tokens.size()
                    ? STROKES.get(here.text() + " " + tokens.get(i + 2).text())
                    : null;
            if (both != null) {
                out.add(new Token(
                        both, Double.NaN, here.start(), tokens.get(i + 2).end()));
                i += 3;
            } else if (stroke && here.is("w")) {
                out.add(new Token(
                        "with", Double.NaN, here.start(), tokens.get(i + 1).end()));
                i += 2;
            } else {
                out.add(spelled(tokens, i));
                i++;
            }
        }
        return out;
    }

    /** Words that, as figures, are heard with a shortened "is" or "has" behind them: "a crack at forty-one's fine", "paper's hung up". */
    private static final Set<String> WITH_IS =
            Set.of("paper", "belly", "offset", "root", "coupling", "wipe", "rag", "grease", "scale", "crack");

    private static Token spelled(List<Token> tokens, int i) {
        Token token = tokens.get(i);
        String text = token.text();
        boolean shortened = text.endsWith("s")
                && token.end() - token.start() == text.length() + 1
                && isHeardWithIs(text.substring(0, text.length() - 1));
        if (shortened) {
            return new Token(text.substring(0, text.length() - 1), Double.NaN, token.start(), token.end());
        }
        String full = WORDS.get(token.text());
        if (full == null || isInitial(tokens, i)) {
            return token;
        }
        return new Token(full, Double.NaN, token.start(), token.end());
    }

    private static boolean isHeardWithIs(String word) {
        return WITH_IS.contains(word) || NumberWords.whole(word).isPresent();
    }

    /** One letter of a row of them, such as P V C, or beside a sign that makes it something else. */
    private static boolean isInitial(List<Token> tokens, int i) {
        if (tokens.get(i).text().length() > 1) {
            return false;
        }
        Set<String> signs = Set.of("/", "&", "'");
        boolean before = i > 0
                && (tokens.get(i - 1).text().length() == 1 && tokens.get(i - 1).isWord()
                        || signs.contains(tokens.get(i - 1).text()));
        boolean after = i + 1 < tokens.size()
                && (tokens.get(i + 1).text().length() == 1 && tokens.get(i + 1).isWord()
                        || signs.contains(tokens.get(i + 1).text()));
        return before || after;
    }
}
