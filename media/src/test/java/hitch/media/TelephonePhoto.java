package hitch.media;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/**
 * Photographs as a telephone stores them: turned somehow, with a tag that says how, when they were taken and where in the
 * world. Held upright each shows red, green over blue, white.
 */
public final class TelephonePhoto {
    public static final int WIDTH = 480;
    public static final int HEIGHT = 320;
    /** What no file that leaves the firm may hold. */
    public static final String PLACE = "PLACE-IN-THE-WORLD";

    private TelephonePhoto() {}

    /** Writes one that is stored as {@code orientation} (1 to 8) says. */
    public static Path write(Path file, int orientation) {
        try {
            return Files.write(file, tagged(jpeg(stored(orientation)), orientation));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The picture held upright. */
    public static BufferedImage upright() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        Color[] corners = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
        for (int i = 0; i < 4; i++) {
            g.setColor(corners[i]);
            g.fillRect(i % 2 * WIDTH / 2, i / 2 * HEIGHT / 2, WIDTH / 2, HEIGHT / 2);
        }
        g.dispose();
        return image;
    }

    /** Where row 0 and column 0 of what is stored lie in the upright picture, by the eight values of the tag. */
    private static BufferedImage stored(int orientation) {
        BufferedImage up = upright();
        boolean lying = orientation >= 5;
        int width = lying ? HEIGHT : WIDTH;
        int height = lying ? WIDTH : HEIGHT;
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                int x = lying ? row : column;
                int y = lying ? column : row;
                boolean fromRight = orientation == 2 || orientation == 3 || orientation == 6 || orientation == 7;
                boolean fromBottom = orientation == 3 || orientation == 4 || orientation == 7 || orientation == 8;
                image.setRGB(column, row, up.getRGB(fromRight ? WIDTH - 1 - x : x, fromBottom ? HEIGHT - 1 - y : y));
            }
        }
        return image;
    }

    public static byte[] jpeg(BufferedImage image) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With the tags put behind the first two bytes. */
    private static byte[] tagged(byte[] jpeg, int orientation) {
        byte[] taken = "2026:09:14 10:31:05\0".getBytes(StandardCharsets.US_ASCII);
        byte[] place = (PLACE + "\0").getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tags = ByteBuffer.allocate(512);
        tags.put("Exif\0\0MM".getBytes(StandardCharsets.US_ASCII))
                .putShort((short) 42)
                .putInt(8);
        // Three entries at 8; the two texts and the two folders of tags behind them.
        int more = 8 + 2 + 3 * 12 + 4;
        int world = more + 2 + 12 + 4;
        int texts = world + 2 + 12 + 4;
        tags.putShort((short) 3);
        entry(tags, 0x0112, 3, 1, orientation << 16);
        entry(tags, 0x8769, 4, 1, more);
        entry(tags, 0x8825, 4, 1, world);
        tags.putInt(0).putShort((short) 1);
        entry(tags, 0x9003, 2, taken.length, texts);
        tags.putInt(0).putShort((short) 1);
        entry(tags, 0x001C, 2, place.length, texts + taken.length);
        tags.putInt(0).put(taken).put(place);
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + tags.position() + 4);
        out.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) 0xE1).putShort((short) (tags.position() + 2));
        out.put(tags.array(), 0, tags.position()).put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    private static void entry(ByteBuffer tags, int tag, int type, int count, int value) {
        tags.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }
}
