package hitch.core.note;

/**
 * A number as it was said: {@code twenty six and a half}.
 *
 * @param value what it comes to
 * @param start where it begins in the text, characters
 * @param end where it ends, exclusive
 */
public record SaidNumber(double value, int start, int end) {}
