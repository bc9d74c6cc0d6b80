package hitch.media.film;

import hitch.core.finding.ClockPosition;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Drawn;
import hitch.media.clip.Picture;
import hitch.media.draw.MarkPen;
import hitch.media.draw.Pen;
import hitch.media.render.Still;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
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

    /**
     * As a JPEG.
     *
     * @param marks what was drawn on it, which then stands in the pointer's place
     * @param looked how the picture is looked at
     */
    public static byte[] jpeg(Picture picture, Optional<ClockPosition> pointer, List<Drawn> marks, Adjustment looked) {
        int width = Math.min(WIDE, picture.width());
        int height = Math.max(1, Math.round((float) picture.height() * width / picture.width()));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(Still.image(picture), 0, 0, width, height, null);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        if (!marks.isEmpty()) {
            new MarkPen(Pen.on(g), 0, 0, width, height, looked).draw(marks);
        }
        pointer.filter(p -> marks.isEmpty())
                .ifPresent(p -> Pointer.draw(Pen.on(g), p, new Sheet.Box(0, 0, width, height), 0));
        g.dispose();
        return jpeg(small);
    }

    /** A still with what was drawn on it, as large as it was recorded. */
    public static Picture drawn(Picture picture, List<Drawn> marks, Adjustment looked) {
        BufferedImage image = Still.image(picture);
        Pen pen = Pen.on(image);
        new MarkPen(pen, 0, 0, picture.width(), picture.height(), looked).draw(marks);
        pen.close();
        int[] rgb = image.getRGB(0, 0, picture.width(), picture.height(), null, 0, picture.width());
        return new Picture(picture.width(), picture.height(), rgb, picture.pts());
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
