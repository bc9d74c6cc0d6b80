package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
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
        int width = picture.width();
        int height = picture.height();
        boolean[] met = new boolean[ink.length];
        int[] stack = new int[ink.length];
        List<Region> found = new ArrayList<>();
        for (int start = 0; start < ink.length; start++) {
            if (!ink[start] || met[start]) {
                continue;
            }
            int left = width;
            int right = -1;
            int top = height;
            int bottom = -1;
            int depth = 0;
            stack[depth++] = start;
            met[start] = true;
            while (depth > 0) {
                int at = stack[--depth];
                int x = at % width;
                int y = at / width;
                left = Math.min(left, x);
                right = Math.max(right, x);
                top = Math.min(top, y);
                bottom = Math.max(bottom, y);
                for (int dy = -1; dy <= 1; dy++) {
                    for (int dx = -1; dx <= 1; dx++) {
                        int nx = x + dx;
                        int ny = y + dy;
                        if (nx >= 0 && ny >= 0 && nx < width && ny < height) {
                            int next = ny * width + nx;
                            if (ink[next] && !met[next]) {
                                met[next] = true;
                                stack[depth++] = next;
                            }
                        }
                    }
                }
            }
            found.add(new Region(left, top, right - left + 1, bottom - top + 1));
        }
        found.sort(Comparator.comparingInt(Region::x));
        return found;
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
