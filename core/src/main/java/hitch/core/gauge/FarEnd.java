package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;

/** Finds which way a pipe goes: where it is darkest, for the lamp is at the lens and the far end is far from it. */
final class FarEnd {
    private static final int CELLS = 80;
    /** The head is not turned farther from the pipe's way than this share of the picture's width. */
    private static final double REACH = 0.3;

    /** A larger dark is no far end. */
    private static final double LARGEST = 0.12;

    /** A ring so many times as large as the dark tells how far the lens lies off the middle. */
    static final double WELL_OUTSIDE = 1.5;

    private FarEnd() {}

    /**
     * The dark.
     *
     * @param way to its middle, a unit vector; straight ahead where no place is darker than the rest
     * @param size how large a ring of the wall is round about whose middle it lies, units of the sheet: from a lens that is not in the
     *     middle of the bore the nearer wall is lit deeper in, so that the dark lies off the pipe's way as that ring does
     */
    record Dark(double[] way, double size) {}

    static Dark of(GreyPicture picture, LensView lens) {
        int cell = Math.max(1, picture.width() / CELLS);
        int wide = picture.width() / cell;
        int high = picture.height() / cell;
        double[] grey = new double[wide * high];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                int sum = 0;
                for (int j = 0; j < cell; j++) {
                    for (int i = 0; i < cell; i++) {
                        sum += picture.at(x * cell + i, y * cell + j);
                    }
                }
                grey[y * wide + x] = sum / (double) (cell * cell);
            }
        }
        double[] score = new double[grey.length];
        double best = Double.MAX_VALUE;
        double reach = REACH * wide;
        for (int y = 2; y < high - 2; y++) {
            for (int x = 2; x < wide - 2; x++) {
                double off = Math.hypot(x + 0.5 - wide / 2.0, y + 0.5 - high / 2.0);
                score[y * wide + x] = Double.MAX_VALUE;
                if (off > reach) {
                    continue;
                }
                double sum = 0;
                for (int j = -2; j <= 2; j++) {
                    for (int i = -2; i <= 2; i++) {
                        sum += grey[(y + j) * wide + x + i];
                    }
                }
                // Of two dark places the one nearer the middle is the pipe.
                score[y * wide + x] = sum / 25 + 6 * off / reach;
                best = Math.min(best, score[y * wide + x]);
            }
        }
        double mx = 0;
        double my = 0;
        double all = 0;
        int cells = 0;
        for (int y = 2; y < high - 2; y++) {
            for (int x = 2; x < wide - 2; x++) {
                double weight = Math.max(0, 1 - (score[y * wide + x] - best) / 8);
                mx += weight * (x + 0.5);
                my += weight * (y + 0.5);
                all += weight;
                cells += weight > 0 ? 1 : 0;
            }
        }
        if (all == 0) {
            return new Dark(new double[] {0, 0, 1}, 0);
        }
        // What grows evenly dark toward the middle has its weight at three quarters of its radius.
        double size = 0.75 * Math.sqrt(cells / Math.PI) * cell / lens.focal();
        return new Dark(lens.way(mx / all * cell, my / all * cell), Math.min(LARGEST, size));
    }
}
