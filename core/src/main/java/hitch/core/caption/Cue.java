package hitch.core.caption;

/**
 * One caption.
 *
 * @param start seconds from the beginning of the captions, at least 0
 * @param end seconds, not before {@code start}
 * @param text its words, markup taken off, lines joined
 */
public record Cue(double start, double end, String text) {}
