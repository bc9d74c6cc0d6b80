package hitch.core.note.grammar;

/**
 * A stretch of a note with its meaning.
 *
 * @param meaning what it says
 * @param text its words, lower case
 * @param start where it begins in the note, characters
 * @param end where it ends, exclusive
 */
record Phrase(Meaning meaning, String text, int start, int end) {
    Phrase as(Meaning other) {
        return new Phrase(other, text, start, end);
    }

    /** This and the parts up to {@code last} as one. */
    Phrase upTo(Phrase last, Meaning whole) {
        return new Phrase(whole, text + " " + last.text, start, last.end);
    }

    boolean is(Glue glue) {
        return meaning instanceof Meaning.Joined j && j.glue() == glue;
    }

    boolean says(String word) {
        return text.equals(word);
    }

    boolean isSign() {
        return meaning instanceof Meaning.Plain && !Character.isLetterOrDigit(text.charAt(0));
    }
}
