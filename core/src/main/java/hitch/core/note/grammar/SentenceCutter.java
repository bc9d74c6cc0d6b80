package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Cuts a run of words into sentences, at their signs, and into pieces where a speaker never stops. */
final class SentenceCutter {
    private static final int LONGEST = 70;
    private static final Set<String> SHORT = Set.of(
            "ft", "in", "approx", "no", "dia", "sch", "st", "ave", "mr", "mrs", "poss", "prob", "long", "vert", "circ",
            "ca", "deg", "ms", "dr");

    private static final Set<String> AFTERTHOUGHT = Set.of(
            "at", "around", "about", "thats", "that", "is", "its", "roughly", "say", "right", "near", "call", "it");
    private static final Set<String> FEET =
            Set.of("feet", "foot", "ft", "m", "meters", "metres", "meter", "even", "flat");

    private SentenceCutter() {}

    static List<List<Token>> cut(List<Token> tokens, String text) {
        List<List<Token>> sentences = new ArrayList<>();
        int start = 0;
        for (int i = 0; i < tokens.size(); i++) {
            boolean ends = ends(tokens, i, text);
            if (ends || i - start >= LONGEST || i == tokens.size() - 1) {
                sentences.add(tokens.subList(start, i + 1));
                start = i + 1;
            }
        }
        return sentences;
    }

    private static boolean breaksLine(String text, int from, int to) {
        for (int i = from; i < to; i++) {
            if (text.charAt(i) == '\n') {
                return true;
            }
        }
        return false;
    }

    /** "The main? only guessing" goes on; so does "How do I know it's the main? The flow crosses us". */
    private static boolean asksItself(List<Token> tokens, int mark, String text) {
        boolean goesOn = Character.isLowerCase(text.charAt(tokens.get(mark + 1).start()));
        int start = mark;
        while (start > 0
                && !tokens.get(start - 1).is(".")
                && !tokens.get(start - 1).is("?")) {
            start--;
        }
        boolean how = start + 3 < mark
                && tokens.get(start).is("how")
                && (tokens.get(start + 1).is("do") || tokens.get(start + 1).is("can"))
                && (tokens.get(start + 2).is("i") || tokens.get(start + 2).is("we"));
        return goesOn || how;
    }

    /** "That was a rat. Around thirty feet.": where it was comes as an afterthought. */
    private static boolean isPlaceAlone(List<Token> tokens, int from) {
        int i = from;
        while (i < tokens.size() && AFTERTHOUGHT.contains(tokens.get(i).text())) {
            i++;
        }
        int numbers = i;
        while (i < tokens.size()
                && (tokens.get(i).isNumber() || NumberWords.isOne(tokens.get(i).text()))) {
            i++;
        }
        boolean measured =
                i > numbers && i < tokens.size() && FEET.contains(tokens.get(i).text());
        boolean said = i > numbers && numbers > from;
        return (measured || said)
                && (i + (measured ? 1 : 0) >= tokens.size()
                        || tokens.get(i + (measured ? 1 : 0)).is("."));
    }

    private static boolean ends(List<Token> tokens, int i, String text) {
        Token token = tokens.get(i);
        boolean last = i + 1 >= tokens.size();
        boolean line = !last && breaksLine(text, token.end(), tokens.get(i + 1).start());
        if (token.is("?") && !last && !line && asksItself(tokens, i, text)) {
            return false;
        }
        if (token.is("!") || token.is("?") || token.is(";") || line) {
            return true;
        }
        if (!token.is(".")) {
            return false;
        }
        if (last) {
            return true;
        }
        Token next = tokens.get(i + 1);
        if (isPlaceAlone(tokens, i + 1)) {
            return false;
        }
        boolean abbreviated = i > 0 && SHORT.contains(tokens.get(i - 1).text());
        boolean capital = Character.isUpperCase(text.charAt(next.start()));
        return token.end() < next.start() && (!abbreviated || capital);
    }
}
