package hitch.core.eyes;

import hitch.core.gauge.WallBand;
import java.util.Arrays;

/**
 * The unrolled wall in cells, and how unusual each is: 0 for what is within the ordinary, more the farther it lies off, in widths of what
 * is ordinary in its sector.
 *
 * @param from where they begin, millimetres of cable
 * @param unusual by place along the way, then sector by sector what each of the {@link #SIGNS} tells
 */
record WallCells(double from, double[][] unusual) {
    /** Length of a cell along the way, millimetres. */
    static final double LONG = 2 * UnrolledWall.SLICE;
    /** Cells round the wall. */
    static final int SECTORS = WallBand.HUES;
    /** Mean light, how rough it is, its darkest, its lightest, red and blue. */
    static final int SIGNS = 6;

    private static final int ROUND = WallBand.ROUND / SECTORS;
    private static final int SLICES = 2;
    /** Fewer places of the wall tell nothing of a cell. */
    private static final int FEWEST = 3;
    /** So many widths off is ordinary still. */
    private static final double ORDINARY = 2.5;
    /** No more is counted of one sign, so that none outweighs all others. */
    private static final double MOST = 6;
    /** From the middle of what lies off to one width, for chance that is even (1 / 0.6745). */
    private static final double WIDTH = 1.4826;
    /** No sign is ordinary within less: noise of pictures, logarithms. */
    private static final double[] LEAST = {0.04, 0.08, 0.04, 0.04, 0.015, 0.015};

    private static final double SMOOTH = 0.02;

    static WallCells of(UnrolledWall wall) {
        int count = wall.light().length / SLICES;
        double[][] told = new double[count][SECTORS * SIGNS];
        for (int i = 0; i < count; i++) {
            for (int sector = 0; sector < SECTORS; sector++) {
                tell(wall, i * SLICES, sector, told[i]);
            }
        }
        for (int column = 0; column < SECTORS * SIGNS; column++) {
            unusual(told, column);
        }
        return new WallCells(wall.from(), told);
    }

    private static void tell(UnrolledWall wall, int slice, int sector, double[] told) {
        double sum = 0;
        double darkest = Double.MAX_VALUE;
        double lightest = -Double.MAX_VALUE;
        double rough = 0;
        int seen = 0;
        int pairs = 0;
        for (int k = slice; k < slice + SLICES; k++) {
            double[] light = wall.light()[k];
            for (int i = sector * ROUND; i < (sector + 1) * ROUND; i++) {
                if (!Double.isNaN(light[i])) {
                    sum += light[i];
                    darkest = Math.min(darkest, light[i]);
                    lightest = Math.max(lightest, light[i]);
                    seen++;
                    double next = light[(i + 1) % WallBand.ROUND];
                    if (!Double.isNaN(next)) {
                        rough += Math.abs(next - light[i]);
                        pairs++;
                    }
                }
            }
        }
        int at = sector * SIGNS;
        Arrays.fill(told, at, at + SIGNS, Double.NaN);
        if (seen >= FEWEST) {
            told[at] = sum / seen;
            told[at + 1] = Math.log(SMOOTH + rough / Math.max(1, pairs));
            told[at + 2] = darkest;
            told[at + 3] = lightest;
            told[at + 4] = hue(wall, slice, sector * 2);
            told[at + 5] = hue(wall, slice, sector * 2 + 1);
        }
    }

    private static double hue(UnrolledWall wall, int slice, int which) {
        double one = wall.hue()[slice][which];
        double other = wall.hue()[slice + 1][which];
        return Double.isNaN(one) ? other : Double.isNaN(other) ? one : (one + other) / 2;
    }

    /** From what a sign tells to how unusual that is beside all else in its sector. */
    private static void unusual(double[][] told, int column) {
        double[] seen = new double[told.length];
        int count = 0;
        for (double[] cell : told) {
            if (!Double.isNaN(cell[column])) {
                seen[count++] = cell[column];
            }
        }
        if (count == 0) {
            for (double[] cell : told) {
                cell[column] = 0;
            }
            return;
        }
        double usual = UnrolledWall.middle(seen, count);
        for (int i = 0; i < count; i++) {
            seen[i] = Math.abs(seen[i] - usual);
        }
        double width = Math.max(LEAST[column % SIGNS], WIDTH * UnrolledWall.middle(seen, count));
        for (double[] cell : told) {
            double off = Double.isNaN(cell[column]) ? 0 : (cell[column] - usual) / width;
            cell[column] = Math.signum(off) * Math.clamp(Math.abs(off) - ORDINARY, 0, MOST);
        }
    }
}
