package hitch.media.draw;

import hitch.core.pipe.Wall;
import java.awt.Color;

/** The colours of Hitch. Copper marks what is chosen, teal is water and nothing else. */
public final class Palette {
    public static final Color PAPER = new Color(0xF4F1EA);
    public static final Color PAPER_EDGE = new Color(0xDDD7CA);
    public static final Color INK = new Color(0x1F2A2E);
    public static final Color INK_SOFT = new Color(0x5B6669);
    public static final Color SLATE = new Color(0x2E4047);
    public static final Color WELL = new Color(0x12191C);
    public static final Color COPPER = new Color(0xB8622B);
    public static final Color ROPE = new Color(0xA48B63);
    public static final Color WATER = new Color(0x2C7A86);

    private Palette() {}

    /** The colour a wall has wherever the pipe is drawn: near its own, so that nobody needs a key. */
    public static Color wall(Wall wall) {
        return new Color(wall.colour());
    }
}
