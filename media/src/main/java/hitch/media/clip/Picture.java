package hitch.media.clip;

/**
 * One decoded frame.
 *
 * @param width pixels
 * @param height pixels
 * @param rgb one {@code 0xffRRGGBB} a pixel, row by row; not copied, not to be changed
 * @param pts its presentation time, ticks
 */
public record Picture(int width, int height, int[] rgb, long pts) {}
