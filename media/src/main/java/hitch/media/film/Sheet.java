package hitch.media.film;

import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.function.Consumer;

/**
 * A picture of the film under way. All is laid out on 1280 by 720 units, whatever its size in pixels. What stands still through a shot is drawn
 * once and laid under each of its pictures.
 */
final class Sheet implements AutoCloseable {
    /** Footage is not shown larger than so many times its own size: more shows no more. */
    private static final double MOST = 1.9;

    private final FilmShape shape;
    private final BufferedImage image;
    private final int[] pixels;
    private final Enlarged enlarged = new Enlarged();
    private Object laid;
    private int[] ground;

    /** A place on the sheet, in its units. */
    record Box(double x, double y, double width, double height) {
        double middleX() {
            return x + width / 2;
        }

        double middleY() {
            return y + height / 2;
        }
    }

    Sheet(FilmShape shape) {
        this.shape = shape;
        image = new BufferedImage(shape.width(), shape.height(), BufferedImage.TYPE_INT_RGB);
        pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    int[] pixels() {
        return pixels;
    }

    BufferedImage image() {
        return image;
    }

    /** Lays down what stands still; drawn the first time that {@code what} asks for it. */
    void ground(Object what, Consumer<Pen> draw) {
        if (laid != what) {
            Pen pen = Pen.on(image, shape.scale());
            pen.fill(Palette.PAPER, 0, 0, FilmShape.SHEET_WIDTH, FilmShape.SHEET);
            draw.accept(pen);
            pen.close();
            ground = pixels.clone();
            laid = what;
        } else {
            System.arraycopy(ground, 0, pixels, 0, pixels.length);
        }
    }

    void over(Consumer<Pen> draw) {
        Pen pen = Pen.on(image, shape.scale());
        draw.accept(pen);
        pen.close();
    }

    /** Where a picture stands in a box: as large as it fits and as it is worth. */
    Box fitted(int width, int height, Box into) {
        double scale = Math.min(Math.min(into.width() / width, into.height() / height), MOST / shape.scale());
        double wide = width * scale;
        double high = height * scale;
        return new Box(into.x() + (into.width() - wide) / 2, into.y() + (into.height() - high) / 2, wide, high);
    }

    /** Lays a picture on, and says where. */
    Box lay(Picture picture, Box into) {
        Box box = fitted(picture.width(), picture.height(), into);
        int wide = (int) Math.round(box.width() * shape.scale());
        int high = (int) Math.round(box.height() * shape.scale());
        int left = (int) Math.round(box.x() * shape.scale());
        int top = (int) Math.round(box.y() * shape.scale());
        int[] larger = enlarged.of(picture.rgb(), picture.width(), picture.height(), wide, high);
        for (int y = 0; y < high; y++) {
            System.arraycopy(larger, y * wide, pixels, (top + y) * shape.width() + left, wide);
        }
        return box;
    }

    /**
     * Lays a picture on that is gone into.
     *
     * @param zoom 1 for all of it
     * @param atX where in the picture, 0 to 1
     * @param atY likewise
     */
    Box lay(Picture picture, Box into, double zoom, double atX, double atY) {
        Box box = fitted(picture.width(), picture.height(), into);
        over(pen -> pen.picture(
                hitch.media.render.Still.image(picture), box.x(), box.y(), box.width(), box.height(), zoom, atX, atY));
        return box;
    }

    /** Mixes in what was there before: 0 leaves it, 1 is all of what is new. */
    void dissolve(int[] before, double share) {
        int now = (int) Math.round(share * 256);
        int was = 256 - now;
        for (int i = 0; i < pixels.length; i++) {
            int a = before[i];
            int b = pixels[i];
            int rb = ((a & 0xff00ff) * was + (b & 0xff00ff) * now) >>> 8 & 0xff00ff;
            int g = ((a & 0x00ff00) * was + (b & 0x00ff00) * now) >>> 8 & 0x00ff00;
            pixels[i] = rb | g;
        }
    }

    @Override
    public void close() {
        enlarged.close();
    }
}
