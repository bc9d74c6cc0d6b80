package hitch.media.film;

import hitch.core.finding.ClockPosition;
import hitch.media.clip.Picture;
import hitch.media.draw.Pen;
import hitch.media.render.Still;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** A still as a printed report shows it: small enough to be sent, with the pointer drawn where the finding is on the wall. */
public final class PaperPicture {
    /** Pixels across at most: twice what a printed still needs. */
    private static final int WIDE = 800;

    private static final float QUALITY = 0.85f;

    private PaperPicture() {}

    /** As a JPEG. */
    public static byte[] jpeg(Picture picture, Optional<ClockPosition> pointer) {
        int width = Math.min(WIDE, picture.width());
        int height = Math.max(1, Math.round((float) picture.height() * width / picture.width()));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(Still.image(picture), 0, 0, width, height, null);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pointer.ifPresent(p -> Pointer.draw(Pen.on(g), p, new Sheet.Box(0, 0, width, height), 0));
        g.dispose();
        return jpeg(small);
    }

    private static byte[] jpeg(BufferedImage image) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException("memory does not fail to be written to", e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
