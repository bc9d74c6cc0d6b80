package hitch.media.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The shipped typefaces, loaded once: a grotesque for words, one with figures of equal width for measures. */
public final class Typefaces {
    private static final Map<String, String> FILES = new LinkedHashMap<>();
    private static final Font TEXT = load("HankenGrotesk-Regular.ttf");
    private static final Font TEXT_BOLD = load("HankenGrotesk-SemiBold.ttf");
    private static final Font MEASURE = load("SplineSansMono-Regular.ttf");
    private static final Font MEASURE_BOLD = load("SplineSansMono-Medium.ttf");
    private static final Font COUNTER = load("ShareTechMono-Regular.ttf");

    private Typefaces() {}

    public static Font text(double size) {
        return TEXT.deriveFont((float) size);
    }

    public static Font bold(double size) {
        return TEXT_BOLD.deriveFont((float) size);
    }

    public static Font measure(double size) {
        return MEASURE.deriveFont((float) size);
    }

    public static Font boldMeasure(double size) {
        return MEASURE_BOLD.deriveFont((float) size);
    }

    /** The files of the faces within the program, by the names that drawings call them by. */
    public static Map<String, String> files() {
        return Collections.unmodifiableMap(FILES);
    }

    /** The face of the simulated reel counter. */
    public static Font counter(double size) {
        return COUNTER.deriveFont((float) size);
    }

    private static Font load(String file) {
        String path = "/hitch/fonts/" + file;
        try (InputStream in = Typefaces.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("the shipped typeface " + file + " is missing");
            }
            Font face = Font.createFont(Font.TRUETYPE_FONT, in);
            FILES.put(face.getFontName(), path);
            return face;
        } catch (IOException | FontFormatException e) {
            throw new IllegalStateException("the shipped typeface " + file + " cannot be used", e);
        }
    }
}
