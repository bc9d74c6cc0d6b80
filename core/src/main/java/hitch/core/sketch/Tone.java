package hitch.core.sketch;

import java.util.Locale;

/**
 * What a colour stands for, and what it is on paper: on the light desk, in drawings, videos and pages alike. Copper marks what
 * is chosen or under the hand; teal is water and nothing else. The dark desk has its own.
 */
public enum Tone {
    PAPER(0xF4F1EA),
    CARD(0xFBF9F5),
    EDGE(0xDDD7CA),
    INK(0x1F2A2E),
    SOFT(0x5B6669),
    SLATE(0x2E4047),
    WELL(0x12191C),
    ROPE(0x9A8159),
    COPPER(0xB8622B),
    WATER(0x2C7A86),
    GROUND(0x7A6A4F),
    EARTH(0xEAE3D5);

    private final int rgb;

    Tone(int rgb) {
        this.rgb = rgb;
    }

    /** Red, green and blue, eight bits each. */
    public int rgb() {
        return rgb;
    }

    /** As it is written in pages and style sheets, such as {@code #1F2A2E}. */
    public String hex() {
        return String.format(Locale.ROOT, "#%06X", rgb);
    }
}
