package hitch.sim.trial;

import hitch.media.draw.Typefaces;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;

/** A typeface that counters are drawn in for trying. None of them was among those that the digits were learnt from. */
public enum TrialFace {
    GROTESQUE("grotesque", null),
    MEASURE("mono, dotted zero", null),
    TECHNICAL("technical mono", null),
    BARS("seven bars", "bars.ttf"),
    NARROW("narrow", "narrow.otf"),
    COCKPIT("cockpit mono", "cockpit.otf"),
    TYPED("typewriter", "typed.otf"),
    SLASHED("slashed zero", "slashed.ttf"),
    PLAIN("plain bold", "plain.otf"),
    SQUARE("square", "square.ttf"),
    ROUND("round", "round.ttf"),
    SLAB("slab", "slab.otf"),
    DOTTED("dotted zero", "dotted.ttf"),
    DOTS("dots, 5 by 7", null);

    private final String words;
    private final String file;
    /** Loaded on first use. */
    private Font face;

    TrialFace(String words, String file) {
        this.words = words;
        this.file = file;
    }

    public String words() {
        return words;
    }

    /** The face so that its digits are {@code tall} pixels high; {@link #DOTS} has none. */
    synchronized Font font(double tall) {
        if (face == null) {
            face = whole();
        }
        double high = face.createGlyphVector(new java.awt.font.FontRenderContext(null, true, true), "0")
                .getVisualBounds()
                .getHeight();
        return face.deriveFont((float) (100 * tall / high));
    }

    private Font whole() {
        return switch (this) {
            case GROTESQUE -> Typefaces.text(100);
            case MEASURE -> Typefaces.measure(100);
            case TECHNICAL -> Typefaces.counter(100);
            case DOTS -> throw new IllegalStateException("dots are drawn, not set");
            default -> load().deriveFont(100f);
        };
    }

    private Font load() {
        try (InputStream in = TrialFace.class.getResourceAsStream("/hitch/sim/faces/" + file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException("the trial face " + file + " cannot be used", e);
        }
    }
}
