package hitch.media.clip;

/**
 * How decoded pictures are handed on; always upright by the file's own word.
 *
 * @param square whether pixels are made square, so that a pipe looks round
 * @param longestSide pixels of the longer side that a picture is not to exceed; larger ones are made smaller
 */
public record PictureShape(boolean square, int longestSide) {
    /** Square pixels at full size. */
    public static final PictureShape AS_SHOWN = new PictureShape(true, Integer.MAX_VALUE);
    /** Pixel for pixel as stored. */
    public static final PictureShape AS_STORED = new PictureShape(false, Integer.MAX_VALUE);
    /** Square pixels, no larger than a screen needs. */
    public static final PictureShape FOR_SCREEN = new PictureShape(true, 1920);
}
