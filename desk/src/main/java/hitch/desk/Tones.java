package hitch.desk;

import hitch.core.sketch.Tone;
import javafx.scene.paint.Color;

/**
 * Colours for what is drawn on a canvas, light or dark. Copper marks what is chosen or under the hand; teal is water and
 * nothing else.
 */
public record Tones(
        Color paper, Color card, Color edge, Color ink, Color soft, Color path, Color rope, Color copper, Color water) {
    public static final Tones LIGHT = new Tones(
            of(Tone.PAPER),
            of(Tone.CARD),
            of(Tone.EDGE),
            of(Tone.INK),
            of(Tone.SOFT),
            of(Tone.SLATE),
            of(Tone.ROPE),
            of(Tone.COPPER),
            of(Tone.WATER));
    public static final Tones DARK = new Tones(
            Color.web("#1B2427"),
            Color.web("#232E32"),
            Color.web("#3A474C"),
            Color.web("#ECE7DC"),
            Color.web("#A9B1B1"),
            Color.web("#C9D2D2"),
            Color.web("#9C8661"),
            Color.web("#DD8A51"),
            Color.web("#55AEBB"));

    private static Color of(Tone tone) {
        return Color.web(tone.hex());
    }
}
