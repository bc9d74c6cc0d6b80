package hitch.core.counter.sight;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Draws digits and other letters as recorders show them: any size, outlined or boxed, narrowed, blurred, noisy. */
final class GlyphLessons {
    /** Drawn this many times finer and averaged, as a lens does. */
    private static final int FINE = 3;

    private static final String OTHERS = "ABCDEFGHJKLMNPQRTUVWXYZabcdefghijkmnpqrstuvwxyz()/%#+";

    /**
     * @param glyph what is seen
     * @param answer what it is
     */
    record Lesson(Glyph glyph, int answer) {
        float[] inputs() {
            return GlyphNet.inputs(glyph);
        }
    }

    private final Random random;

    GlyphLessons(Random random) {
        this.random = random;
    }

    List<Lesson> of(List<Font> fonts, int rounds) {
        List<Lesson> lessons = new ArrayList<>();
        for (Font font : fonts) {
            for (int round = 0; round < rounds; round++) {
                for (int digit = 0; digit < 10; digit++) {
                    lesson(font, (char) ('0' + digit), digit).ifPresent(lessons::add);
                }
                for (int i = 0; i < 4; i++) {
                    char other = OTHERS.charAt(random.nextInt(OTHERS.length()));
                    lesson(font, other, GlyphNet.OTHER).ifPresent(lessons::add);
                }
            }
        }
        return lessons;
    }

    /** One drawing; empty where the mark came apart or ran into something, as a reader would not take it either. */
    Optional<Lesson> lesson(Font face, char what, int answer) {
        int tall = 10 + (int) (Math.pow(random.nextDouble(), 1.5) * 50);
        int side = tall * 3 + 20;
        Shape shape = shape(face, what, tall, side);
        Rectangle2D bounds = shape.getBounds2D();
        if (bounds.isEmpty()) {
            return Optional.empty();
        }
        int ground = random.nextInt(110);
        int full = Math.min(255, Math.max(ground + 90, 170 + random.nextInt(86)));
        GreyPicture picture = draw(shape, tall, side, ground, full);
        GlyphCutter cutter =
                new GlyphCutter(picture, (int) (ground + (full - ground) * (0.4 + 0.3 * random.nextDouble())));
        Region box = null;
        for (Region piece : cutter.pieces()) {
            boolean speck = piece.width() * piece.height() < Math.max(3, tall * tall / 60);
            if (!speck && bounds.intersects(piece.x() - 1, piece.y() - 1, piece.width() + 2, piece.height() + 2)) {
                box = box == null ? piece : box.with(piece);
            }
        }
        boolean whole = box != null
                && box.width() <= bounds.getWidth() + 6
                && box.height() <= bounds.getHeight() + 6
                && box.height() >= bounds.getHeight() * 0.8;
        return whole
                ? Optional.of(new Lesson(
                        cutter.cut(
                                box, (int) (ground + (full - ground) * 0.15), (int) (ground + (full - ground) * 0.9)),
                        answer))
                : Optional.empty();
    }

    private Shape shape(Font face, char what, int tall, int side) {
        double narrow = random.nextInt(4) == 0 ? 0.6 + random.nextDouble() * 0.3 : 1;
        double lean = random.nextInt(5) == 0 ? -0.2 * random.nextDouble() : 0;
        Font font = face.deriveFont(tall / 0.72f);
        Shape outline = font.createGlyphVector(new FontRenderContext(null, true, true), String.valueOf(what))
                .getOutline();
        return new AffineTransform(narrow, 0, lean, 1, side / 2.0 - tall * 0.3 * narrow, side / 2.0 + tall / 2.0)
                .createTransformedShape(outline);
    }

    private GreyPicture draw(Shape shape, int tall, int side, int ground, int full) {
        BufferedImage fine = new BufferedImage(side * FINE, side * FINE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = fine.createGraphics();
        g.scale(FINE, FINE);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(ground, ground, ground));
        g.fillRect(0, 0, side, side);
        for (int i = 0; i < 6; i++) {
            int shade = Math.clamp(ground + random.nextInt(80) - 40, 0, 150);
            g.setColor(new Color(shade, shade, shade));
            g.fillOval(random.nextInt(side), random.nextInt(side), random.nextInt(side), random.nextInt(side));
        }
        int style = random.nextInt(3);
        g.setColor(new Color(10, 10, 10));
        if (style == 1) {
            g.setStroke(new BasicStroke((float) (1.8 + tall / 10.0 * random.nextDouble())));
            g.draw(shape);
        } else if (style == 2) {
            Rectangle2D b = shape.getBounds2D();
            g.fill(new Rectangle2D.Double(b.getX() - 4, b.getY() - 4, b.getWidth() + 8, b.getHeight() + 8));
        }
        g.setColor(new Color(full, full, full));
        g.fill(shape);
        g.dispose();
        BufferedImage image = averaged(fine, side);
        return noisy(blurred(image, random.nextDouble() * random.nextDouble() * tall / 11.0 + 0.25), side);
    }

    private static BufferedImage averaged(BufferedImage fine, int side) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        for (int i = 0; i < side * side; i++) {
            int sum = 0;
            for (int j = 0; j < FINE * FINE; j++) {
                sum += fine.getRaster().getSample(i % side * FINE + j % FINE, i / side * FINE + j / FINE, 0);
            }
            image.getRaster().setSample(i % side, i / side, 0, sum / (FINE * FINE));
        }
        return image;
    }

    private static BufferedImage blurred(BufferedImage image, double sigma) {
        int reach = (int) Math.ceil(2.5 * sigma);
        int size = 2 * reach + 1;
        float[] weights = new float[size * size];
        float total = 0;
        for (int i = 0; i < weights.length; i++) {
            int dx = i % size - reach;
            int dy = i / size - reach;
            weights[i] = (float) Math.exp(-(dx * dx + dy * dy) / (2 * sigma * sigma));
            total += weights[i];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= total;
        }
        return new ConvolveOp(new Kernel(size, size, weights), ConvolveOp.EDGE_NO_OP, null).filter(image, null);
    }

    private GreyPicture noisy(BufferedImage image, int side) {
        double noise = random.nextDouble() * 14;
        byte[] grey = new byte[side * side];
        for (int i = 0; i < grey.length; i++) {
            int value = image.getRaster().getSample(i % side, i / side, 0);
            grey[i] = (byte) Math.clamp(Math.round(value + random.nextGaussian() * noise), 0, 255);
        }
        return new GreyPicture(side, side, grey);
    }
}
