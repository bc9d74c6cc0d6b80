package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Cuts a note into words, numbers and signs. A hyphen within words and an apostrophe within a word leave no token. */
final class Tokenizer {
    private static final int LONGEST_NUMBER = 9;

    private static final Pattern METRES = Pattern.compile(",\\d{1,2}\\s?(?:m|mtr|metres?|meters?|cm|mm)\\b");

    private final String note;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    private Tokenizer(String note) {
        this.note = note;
    }

    static List<Token> cut(String note) {
        Tokenizer tokenizer = new Tokenizer(note);
        while (tokenizer.at < note.length()) {
            tokenizer.next();
        }
        return tokenizer.tokens;
    }

    private void next() {
        char c = note.charAt(at);
        if (isDigit(at) || c == '.' && isDigit(at + 1) && !isDigit(at - 1)) {
            number();
        } else if (Character.isLetter(c)) {
            word();
        } else {
            if (!Character.isWhitespace(c) && !hyphenBetweenWords()) {
                add(String.valueOf(plain(c)), Double.NaN, at, at + 1);
            }
            at++;
        }
    }

    private void number() {
        int start = at;
        StringBuilder digits = new StringBuilder();
        while (isDigit(at)
                || is(at, '.') && isDigit(at + 1) && digits.indexOf(".") < 0
                || is(at, ',') && (thousands(at, start) || decimals(at, digits))) {
            boolean comma = note.charAt(at) == ',';
            if (!comma) {
                digits.append(note.charAt(at));
            } else if (decimals(at, digits)) {
                digits.append('.');
            }
            at++;
        }
        double value = digits.length() > LONGEST_NUMBER ? Double.NaN : Double.parseDouble(digits.toString());
        boolean ordinal = note.startsWith("st", at)
                || note.startsWith("nd", at)
                || note.startsWith("rd", at)
                || note.startsWith("th", at);
        if (ordinal && !Character.isLetter(charAt(at + 2))) {
            at += 2;
            value = Double.NaN;
        }
        add(digits.toString(), value, start, at);
    }

    /** A comma before exactly three digits, in a number that began with one to three. */
    private boolean thousands(int comma, int start) {
        return comma - start <= 3
                && isDigit(comma + 1)
                && isDigit(comma + 2)
                && isDigit(comma + 3)
                && !isDigit(comma + 4);
    }

    /** A comma in a number of metres, as many write it: {@code 3,2 m}. */
    private boolean decimals(int comma, StringBuilder digits) {
        return digits.indexOf(".") < 0
                && METRES.matcher(note).region(comma, note.length()).lookingAt();
    }

    private void word() {
        int start = at;
        StringBuilder letters = new StringBuilder();
        int points = 0;
        while (Character.isLetter(charAt(at)) || isApostrophe(charAt(at)) && Character.isLetter(charAt(at + 1))) {
            char c = note.charAt(at++);
            if (!isApostrophe(c)) {
                letters.append(Character.toLowerCase(c));
            }
            boolean initials = letters.length() == at - start - points
                    && letters.length() - points <= 1 + points
                    && charAt(at) == '.'
                    && Character.isLetter(charAt(at + 1))
                    && !Character.isLetter(charAt(at + 2));
            if (initials) {
                at++;
                points++;
            }
        }
        int end = at;
        if (points > 0 && charAt(at) == '.') {
            at++;
        }
        add(letters.toString(), Double.NaN, start, end);
    }

    private boolean hyphenBetweenWords() {
        boolean hyphen = "-\u2010\u2011".indexOf(note.charAt(at)) >= 0;
        boolean arrow = charAt(at + 1) == '>' || charAt(at + 1) == '-';
        return hyphen
                && !arrow
                && (Character.isLetter(charAt(at + 1)) || !isDigit(at + 1) && charAt(at + 1) != ' ')
                && (Character.isLetterOrDigit(charAt(at - 1)));
    }

    private static char plain(char sign) {
        return switch (sign) {
            case '\u2019', '\u2018', '\u2032' -> '\'';
            case '\u201c', '\u201d', '\u2033' -> '"';
            case '\u2013', '\u2014', '\u2212' -> '-';
            case '\u2192' -> '>';
            default -> sign;
        };
    }

    private void add(String text, double value, int start, int end) {
        tokens.add(new Token(text, value, start, end));
    }

    private static boolean isApostrophe(char c) {
        return c == '\'' || c == '\u2019';
    }

    private boolean is(int index, char c) {
        return charAt(index) == c;
    }

    private boolean isDigit(int index) {
        char c = charAt(index);
        return c >= '0' && c <= '9';
    }

    private char charAt(int index) {
        return index >= 0 && index < note.length() ? note.charAt(index) : ' ';
    }
}
