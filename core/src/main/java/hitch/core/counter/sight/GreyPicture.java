package hitch.core.counter.sight;

/**
 * Brightness of a picture, row by row.
 *
 * @param width pixels
 * @param height pixels
 * @param grey one byte a pixel, 0 black to 255 white, unsigned; not copied, not to be changed
 */
public record GreyPicture(int width, int height, byte[] grey) {
    public GreyPicture {
        if (grey.length < width * height) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height + " needs more pixels");
        }
    }

    /** The brightness of a colour picture, by the weights of ITU-R BT.601; one {@code 0xRRGGBB} a pixel. */
    public static GreyPicture of(int width, int height, int[] rgb) {
        byte[] grey = new byte[width * height];
        for (int i = 0; i < grey.length; i++) {
            int red = rgb[i] >> 16 & 0xFF;
            int green = rgb[i] >> 8 & 0xFF;
            grey[i] = (byte) ((299 * red + 587 * green + 114 * (rgb[i] & 0xFF) + 500) / 1000);
        }
        return new GreyPicture(width, height, grey);
    }

    /** Brightness at a pixel; pixels outside are the nearest inside. */
    public int at(int x, int y) {
        return grey[Math.clamp(y, 0, height - 1) * width + Math.clamp(x, 0, width - 1)] & 0xFF;
    }

    /** The part inside {@code region}, kept within the picture. */
    public GreyPicture crop(Region region) {
        Region inside = region.within(width, height);
        int x = inside.x();
        int y = inside.y();
        int w = inside.width();
        int h = inside.height();
        byte[] part = new byte[w * h];
        for (int row = 0; row < h; row++) {
            System.arraycopy(grey, (y + row) * width + x, part, row * w, w);
        }
        return new GreyPicture(w, h, part);
    }

    /** Turned half round. */
    public GreyPicture turned() {
        byte[] other = new byte[width * height];
        for (int i = 0; i < other.length; i++) {
            other[i] = grey[other.length - 1 - i];
        }
        return new GreyPicture(width, height, other);
    }

    /** Dark for bright. */
    public GreyPicture negative() {
        byte[] other = new byte[width * height];
        for (int i = 0; i < other.length; i++) {
            other[i] = (byte) (255 - (grey[i] & 0xFF));
        }
        return new GreyPicture(width, height, other);
    }
}
