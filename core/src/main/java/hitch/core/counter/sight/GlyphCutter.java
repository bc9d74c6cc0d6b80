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
        int samples = (int) Math.clamp(Math.ceil(scale), 1, 5);
        float range = Math.max(1, full - ground);
        Samples across = new Samples(box.x(), box.width(), COLUMNS, scale, samples, picture.width());
        Samples down = new Samples(box.y(), box.height(), ROWS, scale, samples, picture.height());
        Softened rows = new Softened(across);
        for (int sy = 0; sy < down.count; sy++) {
            if (!down.inside[sy]) {
                continue;
            }
            double[] upper = rows.at(down.low[sy]);
            double[] lower = rows.at(down.high[sy]);
            double share = down.share[sy];
            int row = sy / samples * COLUMNS;
            for (int sx = 0; sx < across.count; sx++) {
                if (across.inside[sx]) {
                    double value = upper[sx] * (1 - share) + lower[sx] * share;
                    cells[row + sx / samples] += (float) Math.clamp((value - ground) / range, 0, 1);
                }
            }
        }
        for (int i = 0; i < cells.length; i++) {
            cells[i] /= samples * samples;
        }
        return new Glyph(box, cells);
    }

    /** Where the samples of a grid lie along one side of the picture: between which two pixels, and how far. */
    private static final class Samples {
        final int count;
        final boolean[] inside;
        final int[] low;
        final int[] high;
        final double[] share;

        /**
         * @param start first pixel of the box
         * @param length pixels of the box
         * @param scale pixels a cell
         * @param each samples a cell
         * @param limit pixels of the picture
         */
        Samples(int start, int length, int cells, double scale, int each, int limit) {
            count = cells * each;
            inside = new boolean[count];
            low = new int[count];
            high = new int[count];
            share = new double[count];
            double offset = start + length / 2.0 - cells * scale / 2;
            for (int i = 0; i < count; i++) {
                double at = offset + (i / each + (i % each + 0.5) / each) * scale;
                int whole = (int) Math.floor(at - 0.5);
                inside[i] = at >= start - 1 && at < start + length + 1;
                low[i] = Math.clamp(whole, 0, limit - 1);
                high[i] = Math.clamp(whole + 1, 0, limit - 1);
                share[i] = at - 0.5 - whole;
            }
        }
    }

    /** The picture's rows, softened along themselves; the last two are kept, since samples come row by row. */
    private final class Softened {
        private final Samples across;
        private final double[][] kept = new double[2][];
        private final int[] rows = {-1, -1};

        Softened(Samples across) {
            this.across = across;
        }

        double[] at(int row) {
            int place = row & 1;
            if (rows[place] != row) {
                rows[place] = row;
                kept[place] = softened(row * picture.width());
            }
            return kept[place];
        }

        private double[] softened(int from) {
            byte[] grey = picture.grey();
            double[] values = new double[across.count];
            for (int i = 0; i < values.length; i++) {
                values[i] = (grey[from + across.low[i]] & 0xFF) * (1 - across.share[i])
                        + (grey[from + across.high[i]] & 0xFF) * across.share[i];
            }
            return values;
        }
    }
}
