package hitch.core.counter.sight;

/**
 * A rectangle on a picture, pixels.
 *
 * @param x left edge
 * @param y upper edge
 * @param width 1 or more
 * @param height 1 or more
 */
public record Region(int x, int y, int width, int height) {
    public Region {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("a region has a size");
        }
    }

    public int right() {
        return x + width;
    }

    public int bottom() {
        return y + height;
    }

    /** The smallest region that holds both. */
    public Region with(Region other) {
        int left = Math.min(x, other.x);
        int top = Math.min(y, other.y);
        return new Region(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    /** This region with room on every side; it may reach over the picture's edge. */
    public Region grown(int across, int down) {
        return new Region(x - across, y - down, width + 2 * across, height + 2 * down);
    }

    /** Columns that both have; negative for a gap. */
    int overlapAcross(Region other) {
        return Math.min(right(), other.right()) - Math.max(x, other.x);
    }
}
