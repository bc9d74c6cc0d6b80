package hitch.core.counter.sight;

import java.util.List;

/** Cuts a picture of bright marks on dark ground into marks: threshold, connected pieces, pieces that belong together. */
final class GlyphCutter {
    static final int COLUMNS = 12;
    static final int ROWS = 18;

    private final GreyPicture picture;
    private final boolean[] ink;

    /**
     * @param threshold brightness from which a pixel is ink
     */
    GlyphCutter(GreyPicture picture, int threshold) {
        this.picture = picture;
        ink = new boolean[picture.width() * picture.height()];
        for (int i = 0; i < ink.length; i++) {
            ink[i] = (picture.grey()[i] & 0xFF) >= threshold;
        }
    }

    /** The connected pieces, from left to right. */
    List<Region> pieces() {
        return new Pieces(ink, picture.width(), picture.height()).found();
    }

    /** Ink in each column of {@code box}. */
    int[] columns(Region box) {
        int[] columns = new int[box.width()];
        for (int x = 0; x < box.width(); x++) {
            for (int y = box.y(); y < box.bottom(); y++) {
                columns[x] += ink[y * picture.width() + box.x() + x] ? 1 : 0;
            }
        }
        return columns;
    }

    /** The part of {@code box} that has ink in it, cut down at head and foot; {@code box} itself where it has none. */
    Region tight(Region box) {
        int top = box.y();
        int bottom = box.bottom();
        while (top < bottom && !inked(box, top)) {
            top++;
        }
        while (bottom > top && !inked(box, bottom - 1)) {
            bottom--;
        }
        return top == bottom ? box : new Region(box.x(), top, box.width(), bottom - top);
    }

    private boolean inked(Region box, int row) {
        for (int x = box.x(); x < box.right(); x++) {
            if (ink[row * picture.width() + x]) {
                return true;
            }
        }
        return false;
    }

    /**
     * The mark in {@code box}, brought to the grid's height, kept in its proportion and set in the grid's middle. Ink is
     * soft: half at the threshold, so that a blurred edge tells where it lies between pixels.
     */
    Glyph cut(Region box, int ground, int full) {
        float[] cells = new float[COLUMNS * ROWS];
        double scale = Math.max((double) box.height() / ROWS, (double) box.width() / COLUMNS);
        double offsetX = box.x() + box.width() / 2.0 - COLUMNS * scale / 2;
        double offsetY = box.y() + box.height() / 2.0 - ROWS * scale / 2;
        int samples = (int) Math.clamp(Math.ceil(scale), 1, 5);
        float range = Math.max(1, full - ground);
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                float sum = 0;
                for (int sy = 0; sy < samples; sy++) {
                    for (int sx = 0; sx < samples; sx++) {
                        double x = offsetX + (column + (sx + 0.5) / samples) * scale;
                        double y = offsetY + (row + (sy + 0.5) / samples) * scale;
                        sum += inside(box, x, y) ? soft(x - 0.5, y - 0.5, ground, range) : 0;
                    }
                }
                cells[row * COLUMNS + column] = sum / (samples * samples);
            }
        }
        return new Glyph(box, cells);
    }

    private static boolean inside(Region box, double x, double y) {
        return x >= box.x() - 1 && x < box.right() + 1 && y >= box.y() - 1 && y < box.bottom() + 1;
    }

    private float soft(double x, double y, int ground, float range) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double across = x - left;
        double down = y - top;
        double value = (picture.at(left, top) * (1 - across) + picture.at(left + 1, top) * across) * (1 - down)
                + (picture.at(left, top + 1) * (1 - across) + picture.at(left + 1, top + 1) * across) * down;
        return (float) Math.clamp((value - ground) / range, 0, 1);
    }
}
