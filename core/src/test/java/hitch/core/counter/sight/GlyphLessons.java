package hitch.core.counter.sight;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** Draws digits and letters as recorders show them: any size, outlined or boxed, narrowed, blurred, noisy, compressed. */
final class GlyphLessons {
    private static final String OTHERS = "ACDEHJKLNPQRUVWXYacdehknpruvwxy()/%#+";
    private static final String UNITS = "ftmFTM";

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
    private final ImageWriter jpeg = ImageIO.getImageWritersByFormatName("jpeg").next();

    GlyphLessons(Random random) {
        this.random = random;
        ImageIO.setUseCache(false);
    }

    List<Lesson> of(List<DigitFace> faces, int rounds) {
        List<Lesson> lessons = new ArrayList<>();
        for (DigitFace face : faces) {
            for (int round = 0; round < rounds; round++) {
                for (int digit = 0; digit < 10; digit++) {
                    lesson(face, (char) ('0' + digit), digit).ifPresent(lessons::add);
                }
                char unit = UNITS.charAt(random.nextInt(UNITS.length()));
                lesson(face, unit, GlyphNet.ANSWERED.indexOf(Character.toLowerCase(unit)))
                        .ifPresent(lessons::add);
                for (int i = 0; i < 3; i++) {
                    char other = OTHERS.charAt(random.nextInt(OTHERS.length()));
                    lesson(face, other, GlyphNet.OTHER).ifPresent(lessons::add);
                }
            }
        }
        return lessons;
    }

    /** Blots of no meaning, such as a pipe's wall has. */
    List<Lesson> clutter(int count) {
        List<Lesson> lessons = new ArrayList<>();
        while (lessons.size() < count) {
            int side = 60;
            BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
            byte[] grey = pixels(image);
            random.nextBytes(grey);
            float[] soft = blurred(grey, side, 1.5 + random.nextDouble() * 3);
            double mean = 0;
            for (float v : soft) {
                mean += v / soft.length;
            }
            for (int i = 0; i < soft.length; i++) {
                grey[i] = (byte) Math.clamp(Math.round(110 + (soft[i] - mean) * 8), 0, 255);
            }
            GreyPicture picture = new GreyPicture(side, side, grey);
            GlyphCutter cutter = new GlyphCutter(picture, 150);
            cutter.pieces().stream()
                    .filter(p -> p.height() >= TextLine.SHORTEST && p.width() <= 2 * p.height())
                    .limit(3)
                    .forEach(p -> lessons.add(new Lesson(cutter.cut(p, 110, 190), GlyphNet.OTHER)));
        }
        return lessons;
    }

    /** One drawing; empty where the mark came apart or ran into something, as a reader would not take it either. */
    Optional<Lesson> lesson(DigitFace face, char what, int answer) {
        int tall = 9 + (int) (Math.pow(random.nextDouble(), 2) * 46);
        int side = tall * 2 + 16;
        Shape shape = placed(face.shape(what, tall), tall, side);
        Rectangle2D bounds = shape.getBounds2D();
        if (bounds.isEmpty()) {
            return Optional.empty();
        }
        int ground = random.nextInt(120);
        int full = Math.min(255, Math.max(ground + 70, 150 + random.nextInt(106)));
        GreyPicture picture = draw(shape, tall, side, ground, full);
        GlyphCutter cutter =
                new GlyphCutter(picture, (int) (ground + (full - ground) * (0.38 + 0.42 * random.nextDouble())));
        Region box = null;
        for (Region piece : cutter.pieces()) {
            boolean speck = piece.width() * piece.height() < Math.max(3, tall * tall / 60);
            if (!speck && bounds.intersects(piece.x() - 1, piece.y() - 1, piece.width() + 2, piece.height() + 2)) {
                box = box == null ? piece : box.with(piece);
            }
        }
        boolean whole = box != null
                && box.height() >= 6
                && box.width() <= bounds.getWidth() + 6
                && box.height() <= bounds.getHeight() + 6
                && box.height() >= bounds.getHeight() * 0.75;
        // The ground and the ink are only guessed by the reader too.
        int low = (int) (ground + (full - ground) * (0.05 + 0.25 * random.nextDouble()));
        int high = (int) (ground + (full - ground) * (0.8 + 0.2 * random.nextDouble()));
        return whole ? Optional.of(new Lesson(cutter.cut(box, low, high), answer)) : Optional.empty();
    }

    private Shape placed(Shape outline, int tall, int side) {
        double narrow = random.nextInt(4) == 0 ? 0.6 + random.nextDouble() * 0.6 : 1;
        double lean = random.nextInt(5) == 0 ? -0.2 * random.nextDouble() : 0;
        return new AffineTransform(
                        narrow,
                        0,
                        lean,
                        1,
                        side / 2.0 - tall * 0.3 * narrow + random.nextDouble(),
                        side / 2.0 + tall / 2.0 + random.nextDouble())
                .createTransformedShape(outline);
    }

    private GreyPicture draw(Shape shape, int tall, int side, int ground, int full) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(ground, ground, ground));
        g.fillRect(0, 0, side, side);
        for (int i = 0; i < 4; i++) {
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
        double sigma = random.nextDouble() * random.nextDouble() * tall / 9.0 + 0.2;
        double noise = random.nextDouble() * 14;
        byte[] grey = pixels(image);
        float[] soft = blurred(grey, side, sigma);
        for (int i = 0; i < grey.length; i++) {
            grey[i] = (byte) Math.clamp(Math.round(soft[i] + grain() * noise), 0, 255);
        }
        return new GreyPicture(side, side, random.nextInt(4) == 0 ? compressed(image) : grey);
    }

    /** Near enough to a bell curve of deviation 1, and quick. */
    private float grain() {
        int bits = random.nextInt();
        return ((bits & 255) + (bits >>> 8 & 255) + (bits >>> 16 & 255) + (bits >>> 24) - 510) / 148f;
    }

    private static byte[] pixels(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    private byte[] compressed(BufferedImage image) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageWriteParam how = jpeg.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(0.12f + random.nextFloat() * 0.5f);
            jpeg.setOutput(ImageIO.createImageOutputStream(bytes));
            jpeg.write(null, new IIOImage(image, null, null), how);
            return pixels(ImageIO.read(new ByteArrayInputStream(bytes.toByteArray())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static float[] blurred(byte[] grey, int side, double sigma) {
        int reach = (int) Math.ceil(2.5 * sigma);
        float[] weights = new float[2 * reach + 1];
        float total = 0;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) Math.exp(-(i - reach) * (i - reach) / (2 * sigma * sigma));
            total += weights[i];
        }
        float[] across = new float[grey.length];
        float[] both = new float[grey.length];
        for (int i = 0; i < grey.length; i++) {
            int x = i % side;
            for (int k = -reach; k <= reach; k++) {
                across[i] += weights[k + reach] / total * (grey[i - x + Math.clamp(x + k, 0, side - 1)] & 0xFF);
            }
        }
        for (int i = 0; i < grey.length; i++) {
            int y = i / side;
            for (int k = -reach; k <= reach; k++) {
                both[i] += weights[k + reach] / total * across[Math.clamp(y + k, 0, side - 1) * side + i % side];
            }
        }
        return both;
    }
}
