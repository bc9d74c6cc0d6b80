package hitch.core.note.grammar;

import java.util.List;

/** Tokens that may be asked for beyond their ends. */
final class TokenRow {
    private final List<Token> tokens;

    TokenRow(List<Token> tokens) {
        this.tokens = tokens;
    }

    int size() {
        return tokens.size();
    }

    /** The token at {@code index}; null outside the row. */
    Token at(int index) {
        return index >= 0 && index < tokens.size() ? tokens.get(index) : null;
    }

    List<Token> between(int from, int to) {
        return tokens.subList(from, to);
    }

    /** The word at {@code index}; empty for a number and outside the row. */
    String word(int index) {
        Token t = at(index);
        if (t == null || t.isNumber()) {
            return "";
        }
        String bare = t.isPossessive() ? t.text().substring(0, t.text().length() - 1) : "";
        // "Twenty-four's where the laundry ties in."
        return NumberWords.isDigitsOrTens(bare) ? bare : t.text();
    }

    boolean isSign(int index, String sign) {
        return at(index) != null && at(index).is(sign);
    }

    boolean isNumber(int index) {
        return at(index) != null && at(index).isNumber();
    }

    /** What the number at {@code from}, a stroke and the number behind it come to; 0 for none. */
    double fraction(int from) {
        double bottom = at(from + 2).value();
        return bottom > 0 ? at(from).value() / bottom : 0;
    }
}
