package hitch.media.ears;

/**
 * What was heard in a piece of sound.
 *
 * @param text the words
 * @param sureness mean log-probability of its parts: about -0.1 where it is right, below -0.5 where it is not
 */
public record Heard(String text, double sureness) {}
