package hitch.media.render;

import hitch.media.MediaException;
import hitch.media.clip.Picture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import javax.imageio.ImageIO;

/** Saves frames as PNG, pixel for pixel, and photographs as JPEG. */
public final class Still {
    private Still() {}

    /** Writes {@code picture} to {@code out}, whole or not at all. */
    public static void save(Picture picture, Path out) throws MediaException {
        save(picture, out, "png");
    }

    /** Writes it as a JPEG, as photographs are handed on: with its picture and nothing else of its file. */
    public static void savePhoto(Picture picture, Path out) throws MediaException {
        save(picture, out, "jpg");
    }

    private static void save(Picture picture, Path out, String form) throws MediaException {
        Path part = out.resolveSibling("." + out.getFileName() + ".part");
        try {
            Files.createDirectories(out.toAbsolutePath().getParent());
            ImageIO.write(image(picture), form, part.toFile());
            Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new MediaException("The still could not be saved at " + out + ": " + e.getMessage(), e);
        }
    }

    /** A still as it was saved, pixel for pixel. */
    public static Picture read(Path file) throws MediaException {
        try {
            BufferedImage image = ImageIO.read(file.toFile());
            if (image == null) {
                throw new MediaException(file.getFileName() + " is no picture that can be read.");
            }
            int[] rgb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            return new Picture(image.getWidth(), image.getHeight(), rgb, 0);
        } catch (IOException e) {
            throw new MediaException("The still " + file + " could not be read: " + e.getMessage(), e);
        }
    }

    /** How many bytes it takes as PNG. */
    public static long pngBytes(Picture picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image(picture), "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException("memory does not fail to be written to", e);
        }
        return bytes.size();
    }

    /** The picture as an image that can be drawn from. */
    public static BufferedImage image(Picture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, picture.width(), picture.height(), picture.rgb(), 0, picture.width());
        return image;
    }
}
