package hitch.core.footage;

/**
 * A rectangle on a clip's pictures, in ten-thousandths of their width and height, so that it holds at every size they are
 * shown in.
 *
 * @param left its left edge, 0 to 10,000
 * @param top its upper edge, likewise
 * @param right its right edge, greater than {@code left}
 * @param bottom its lower edge, greater than {@code top}
 */
public record Patch(int left, int top, int right, int bottom) {
    /** What a picture's width and height are parted into. */
    public static final int WHOLE = 10_000;

    /** Two are one place where they share so much of the smaller one. */
    private static final double SAME = 0.5;

    public Patch {
        left = Math.clamp(left, 0, WHOLE - 1);
        top = Math.clamp(top, 0, WHOLE - 1);
        right = Math.clamp(right, left + 1, WHOLE);
        bottom = Math.clamp(bottom, top + 1, WHOLE);
    }

    /** The smallest one that holds both. */
    public Patch with(Patch other) {
        return new Patch(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /** Whether both are about the same place. */
    public boolean isLike(Patch other) {
        long across = Math.min(right, other.right) - Math.max(left, other.left);
        long down = Math.min(bottom, other.bottom) - Math.max(top, other.top);
        return across > 0 && down > 0 && across * down >= SAME * Math.min(area(), other.area());
    }

    private long area() {
        return (long) (right - left) * (bottom - top);
    }

    /** Pixels of a length of {@code whole} pixels at a place of this patch; an edge is rounded outwards. */
    public static int pixel(int part, int whole, boolean up) {
        long scaled = (long) part * whole;
        return (int) (up ? (scaled + WHOLE - 1) / WHOLE : scaled / WHOLE);
    }

    /** Where the pixels from {@code x}, {@code y} to {@code right}, {@code bottom} lie on a picture. */
    public static Patch of(int x, int y, int right, int bottom, int width, int height) {
        return new Patch(
                Math.floorDiv(x * WHOLE, width),
                Math.floorDiv(y * WHOLE, height),
                Math.ceilDiv(right * WHOLE, width),
                Math.ceilDiv(bottom * WHOLE, height));
    }

    /**
     * The same place once the picture was mirrored, where that is wished, and then turned clockwise.
     *
     * @param degrees a multiple of 90
     */
    public Patch turned(boolean mirrored, int degrees) {
        Patch now = mirrored ? new Patch(WHOLE - right, top, WHOLE - left, bottom) : this;
        for (int quarter = 0; quarter < Math.floorMod(degrees, 360) / 90; quarter++) {
            now = new Patch(WHOLE - now.bottom, now.left, WHOLE - now.top, now.right);
        }
        return now;
    }

    /** Where on the picture it is, in words: {@code upper left}. */
    public String words() {
        int across = (left + right) / 2 * 3 / WHOLE;
        int down = (top + bottom) / 2 * 3 / WHOLE;
        String row = down == 0 ? "upper" : down == 1 ? "middle" : "lower";
        String column = across == 0 ? "left" : across == 1 ? "middle" : "right";
        return row.equals(column) ? row : row + " " + column;
    }
}
