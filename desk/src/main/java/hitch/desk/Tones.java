package hitch.desk;

import javafx.scene.paint.Color;

/**
 * Colours for what is drawn on a canvas, light or dark. Copper marks what is chosen or under the hand; teal is water and
 * nothing else.
 */
public record Tones(
        Color paper, Color card, Color edge, Color ink, Color soft, Color path, Color rope, Color copper, Color water) {
    public static final Tones LIGHT = new Tones(
            Color.web("#F4F1EA"),
            Color.web("#FBF9F5"),
            Color.web("#DDD7CA"),
            Color.web("#1F2A2E"),
            Color.web("#5B6669"),
            Color.web("#2E4047"),
            Color.web("#A48B63"),
            Color.web("#B8622B"),
            Color.web("#2C7A86"));
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
}
