package hitch.core.note;

/**
 * A part of a note that was understood.
 *
 * @param sort which rule took it
 * @param label what was understood, as the chip shows it
 * @param start where the part begins in the note, characters
 * @param end where it ends, exclusive
 */
public record Chip(Sort sort, String label, int start, int end) {
    /** What a chip tells. */
    public enum Sort {
        KIND,
        PLACE,
        CLOCK,
        SIZE,
        SHARE,
        DEGREE,
        PIPE,
        CERTAINTY,
        DETAIL
    }
}
