package de.dfki.lt.tools.tokenizer;

import de.dfki.lt.tools.tokenizer.annotate.AnnotatedString;
import de.dfki.lt.tools.tokenizer.annotate.FastAnnotatedString;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Splits text into tokens. */
public class JTok {
    private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{N}]+(?:['’][\\p{L}]+)*|[^\\s\\p{L}\\p{N}]");

    public JTok(Properties ignored) {}

    /** Marks every token with {@code class} and the first of each sentence with {@code border}. */
    public AnnotatedString tokenize(String text, String language) {
        FastAnnotatedString marked = new FastAnnotatedString(text);
        Matcher token = TOKEN.matcher(text);
        boolean sentenceEnded = true;
        while (token.find()) {
            boolean word = Character.isLetterOrDigit(token.group().charAt(0));
            marked.annotate("class", word ? "WORD" : "PUNCT", token.start(), token.end());
            if (sentenceEnded && word) {
                marked.annotate("border", "tu", token.start(), token.end());
            }
            sentenceEnded = token.group().matches("[.!?]") || sentenceEnded && !word;
        }
        return marked;
    }
}
