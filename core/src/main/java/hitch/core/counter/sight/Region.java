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

    /** The part of this region that lies on a picture of the given size; its nearest pixel where none does. */
    public Region within(int pictureWidth, int pictureHeight) {
        int left = Math.clamp(x, 0, pictureWidth - 1);
        int top = Math.clamp(y, 0, pictureHeight - 1);
        int right = Math.clamp(right(), left + 1, pictureWidth);
        int bottom = Math.clamp(bottom(), top + 1, pictureHeight);
        return new Region(left, top, right - left, bottom - top);
    }

    /** Columns that both have; negative for a gap. */
    int overlapAcross(Region other) {
        return Math.min(right(), other.right()) - Math.max(x, other.x);
    }
}
