package hitch.core.note.grammar;

/**
 * A stretch of a note with its meaning.
 *
 * @param meaning what it says
 * @param text its words, lower case
 * @param start where it begins in the note, characters
 * @param end where it ends, exclusive
 */
record Part(Meaning meaning, String text, int start, int end) {
    Part as(Meaning other) {
        return new Part(other, text, start, end);
    }

    /** This and the parts up to {@code last} as one. */
    Part upTo(Part last, Meaning whole) {
        return new Part(whole, text + " " + last.text, start, last.end);
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
