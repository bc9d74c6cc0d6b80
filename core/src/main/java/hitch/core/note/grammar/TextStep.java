package hitch.core.note.grammar;

import java.util.List;
import java.util.function.UnaryOperator;

/** How a text becomes sentences of tokens, step by step. */
enum TextStep {
    /** Writes out what was typed short: "rts" is roots. */
    ABBREVIATIONS(Abbreviations::out),
    /** Takes out sounds of thinking. */
    FILLERS(Fillers::out),
    /** Joins the words of one number: "nineteen point four". */
    NUMBERS(Numbers::join);

    private final UnaryOperator<List<Token>> step;

    TextStep(UnaryOperator<List<Token>> step) {
        this.step = step;
    }

    /** The sentences of a text. */
    static List<List<Token>> sentences(String text) {
        return SentenceCutter.cut(tokens(text, NUMBERS), text);
    }

    /** The tokens of a text after the steps up to one, that one included. */
    static List<Token> tokens(String text, TextStep last) {
        List<Token> tokens = Tokenizer.cut(text);
        for (TextStep step : values()) {
            if (step.compareTo(last) <= 0) {
                tokens = step.step.apply(tokens);
            }
        }
        return tokens;
    }
}
