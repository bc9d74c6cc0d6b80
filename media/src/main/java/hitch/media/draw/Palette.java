package hitch.media.draw;

import hitch.core.pipe.Wall;
import hitch.core.sketch.Tone;
import java.awt.Color;

/** The colours of {@link Tone}, for pictures. */
public final class Palette {
    public static final Color PAPER = new Color(Tone.PAPER.rgb());
    public static final Color PAPER_EDGE = new Color(Tone.EDGE.rgb());
    public static final Color INK = new Color(Tone.INK.rgb());
    public static final Color INK_SOFT = new Color(Tone.SOFT.rgb());
    public static final Color SLATE = new Color(Tone.SLATE.rgb());
    public static final Color WELL = new Color(Tone.WELL.rgb());
    public static final Color COPPER = new Color(Tone.COPPER.rgb());
    public static final Color ROPE = new Color(Tone.ROPE.rgb());
    public static final Color WATER = new Color(Tone.WATER.rgb());

    private Palette() {}

    /** The colour a wall has wherever the pipe is drawn: near its own, so that nobody needs a key. */
    public static Color wall(Wall wall) {
        return new Color(wall.colour());
    }
}
