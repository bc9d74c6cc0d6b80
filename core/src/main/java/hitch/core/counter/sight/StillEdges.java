package hitch.core.counter.sight;

/**
 * The hard edges that stay where they are over some pictures: of what is burned in, while the pipe behind it moves. An
 * edge counts where the least step of all the pictures is still a hard one and always goes the same way, as the median
 * gradient tells a watermark (Dekel, Rubinstein, Liu and Freeman, 2017).
 */
final class StillEdges {
    /** Pixels that a step is measured over: the width of an edge after compression. */
    private static final int STEP = 2;
    /** A step that writing makes against the pipe, brightness. */
    private static final int HARD = 22;
    /** The same where the camera stands and the pipe's own edges are still as well. */
    private static final int HARDER = 80;
    /** Share of a picture's hard edges from which all of it is taken to stand still. */
    private static final double STANDING = 0.5;

    private final int width;
    private final int height;
    private final byte[] leastAcross;
    private final byte[] mostAcross;
    private final byte[] leastDown;
    private final byte[] mostDown;
    private int pictures;

    StillEdges(int width, int height) {
        this.width = width;
        this.height = height;
        int pixels = width * height;
        leastAcross = filled(pixels, Byte.MAX_VALUE);
        mostAcross = filled(pixels, Byte.MIN_VALUE);
        leastDown = filled(pixels, Byte.MAX_VALUE);
        mostDown = filled(pixels, Byte.MIN_VALUE);
    }

    private static byte[] filled(int pixels, byte with) {
        byte[] all = new byte[pixels];
        java.util.Arrays.fill(all, with);
        return all;
    }

    void take(GreyPicture picture) {
        byte[] grey = picture.grey();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int at = y * width + x;
                int here = grey[at] & 0xFF;
                // Half a step, so that it goes into a byte.
                byte across = (byte) (((grey[y * width + Math.min(x + STEP, width - 1)] & 0xFF) - here) >> 1);
                byte down = (byte) (((grey[Math.min(y + STEP, height - 1) * width + x] & 0xFF) - here) >> 1);
                leastAcross[at] = (byte) Math.min(leastAcross[at], across);
                mostAcross[at] = (byte) Math.max(mostAcross[at], across);
                leastDown[at] = (byte) Math.min(leastDown[at], down);
                mostDown[at] = (byte) Math.max(mostDown[at], down);
            }
        }
        pictures++;
    }

    int pictures() {
        return pictures;
    }

    /** Where such edges are: 1 for a step up to the right, -1 for one down, 2 for one up or down the picture. */
    byte[] found() {
        byte[] found = edges(HARD);
        int still = 0;
        int hard = 0;
        for (int i = 0; i < found.length; i++) {
            still += found[i] != 0 ? 1 : 0;
            hard += Math.max(Math.max(-leastAcross[i], mostAcross[i]), Math.max(-leastDown[i], mostDown[i])) * 2 >= HARD
                    ? 1
                    : 0;
        }
        return still > STANDING * hard ? edges(HARDER) : found;
    }

    private byte[] edges(int least) {
        byte[] found = new byte[leastAcross.length];
        for (int i = 0; i < found.length; i++) {
            if (leastAcross[i] * 2 >= least) {
                found[i] = 1;
            } else if (mostAcross[i] * 2 <= -least) {
                found[i] = -1;
            } else if (leastDown[i] * 2 >= least || mostDown[i] * 2 <= -least) {
                found[i] = 2;
            }
        }
        return found;
    }
}
