package hitch.bench.harm;

import hitch.media.MediaException;
import hitch.media.render.VideoWriter;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;

/**
 * Footage of which every pixel tells whether it may be seen: the private side is magenta, a name that is burned in is lime,
 * and the public side is grey and moves. Neither colour stands on anything that Hitch draws.
 */
final class MarkedFootage {
    static final int WIDTH = 320;
    static final int HEIGHT = 240;
    static final int RATE = 10;

    private static final int PRIVATE = 0xE010E0;
    private static final Color NAME = new Color(70, 255, 20);
    private static final int BITS = 2_500_000;

    private MarkedFootage() {}

    /**
     * @param isPrivate whether a frame is of the private side
     * @param name what is burned in; blank for nothing
     */
    static void write(Path out, int frames, IntPredicate isPrivate, String name, Random chance) throws MediaException {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        int[] rgb = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        VideoWriter.Shape shape = new VideoWriter.Shape(WIDTH, HEIGHT, RATE, BITS, 32_000);
        int y = chance.nextBoolean() ? 22 : HEIGHT - 12;
        try (VideoWriter writer = new VideoWriter(out, shape, "marked", List.of())) {
            for (int n = 0; n < frames; n++) {
                for (int i = 0; i < rgb.length; i++) {
                    rgb[i] = pixel(i % WIDTH, i / WIDTH, n, isPrivate.test(n));
                }
                if (!name.isBlank()) {
                    burn(image, name, y);
                }
                writer.picture(rgb);
                writer.sound(new float[48_000 / RATE]);
            }
            writer.finish();
        }
    }

    private static int pixel(int x, int y, int frame, boolean isPrivate) {
        double far = Math.hypot(x - WIDTH / 2.0, y - HEIGHT / 2.0);
        int grey = (int) (110 + 45 * Math.sin(far / 9 - frame * 0.7) + 20 * Math.sin(x / 7.0 + frame));
        if (!isPrivate) {
            return grey << 16 | grey << 8 | grey;
        }
        return (x / 20 + y / 20 + frame / 3) % 2 == 0 ? PRIVATE : grey << 16 | grey / 3 << 8 | grey;
    }

    private static void burn(BufferedImage image, String name, int y) {
        Graphics2D g = image.createGraphics();
        var outline = new Font(Font.SANS_SERIF, Font.BOLD, 17)
                .createGlyphVector(g.getFontRenderContext(), name)
                .getOutline(12, y);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(3));
        g.draw(outline);
        g.setColor(NAME);
        g.fill(outline);
        g.dispose();
    }

    /** What of a picture may not be seen, in words; empty where all may. */
    static String leakIn(int[] rgb) {
        int privatePixels = 0;
        int namePixels = 0;
        for (int pixel : rgb) {
            int r = pixel >> 16 & 255;
            int g = pixel >> 8 & 255;
            int b = pixel & 255;
            privatePixels += r > 120 && b > 120 && g < 0.62 * Math.min(r, b) ? 1 : 0;
            namePixels += g > 150 && r < 0.75 * g && b < 0.6 * g ? 1 : 0;
        }
        // A speck that coding left behind shows nothing.
        int least = rgb.length / 4000;
        return (privatePixels > least ? "the private side" : "")
                + (namePixels > least ? (privatePixels > least ? " and " : "") + "a name burned in" : "");
    }
}
