package hitch.core.note.grammar;

/**
 * The smallest piece of a note: a word, a number or a sign.
 *
 * @param text lower case, without apostrophes; a number as its digits
 * @param value what a number stands for; not a number for anything else
 * @param start where it begins in the note, characters
 * @param end where it ends, exclusive
 */
record Token(String text, double value, int start, int end) {
    boolean isNumber() {
        return !Double.isNaN(value);
    }

    boolean isWord() {
        return !isNumber() && Character.isLetter(text.charAt(0));
    }

    /** Whether it was written with an apostrophe before its last letter, an s: {@code line's}. */
    boolean isPossessive() {
        return isWord() && text.endsWith("s") && end - start == text.length() + 1;
    }

    boolean is(String word) {
        return text.equals(word);
    }

    /** Whether nothing stands between this and {@code next}. */
    boolean touches(Token next) {
        return end == next.start;
    }
}
