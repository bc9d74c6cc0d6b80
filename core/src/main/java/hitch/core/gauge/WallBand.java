package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.Arrays;

/**
 * The wall a little ahead of the camera, unrolled: light and hue by how far round and how far ahead. One byte each, so that a long clip is
 * kept in a few megabytes; {@link #NONE} where the picture does not reach.
 *
 * @param light row by row from the nearest, {@link #ROUND} to a row, clockwise from the top as the picture shows it
 * @param hue likewise, {@link #HUES} pairs to a row: red, then blue, against green
 */
public record WallBand(byte[] light, byte[] hue) {
    /** Places round the wall. */
    public static final int ROUND = 96;
    /** Rows one behind the other. */
    public static final int DEEP = 12;
    /** Places round the wall whose hue is told. */
    public static final int HUES = 24;

    /** What is not seen. */
    public static final byte NONE = -1;

    /** Where the rows begin, radii of the bore ahead; nearer the wall lies outside the picture. */
    private static final double NEAREST = 1.5;
    /** Where they end; beyond it a picture tells too little. */
    private static final double FARTHEST = 3;

    private static final double DARKEST = Math.log(Sheet.DARK);
    /** So many steps to the whole range of light and of hue. */
    private static final int STEPS = 254;

    private static final double LIGHT_STEP = (Math.log(255 + Sheet.DARK) - DARKEST) / STEPS;
    private static final double WIDEST_HUE = 1.5;
    private static final double HUE_STEP = 2 * WIDEST_HUE / STEPS;

    /** How far ahead a row lies, radii of the bore. */
    public static double ahead(int row) {
        return NEAREST * Math.pow(FARTHEST / NEAREST, (row + 0.5) / DEEP);
    }

    /**
     * What a picture shows.
     *
     * @param rgb row by row, 8 bits each of red, green and blue
     * @param held how far below the middle of the bore the lens is carried, radii
     */
    public static WallBand of(int[] rgb, LensView lens, double held) {
        GreyPicture grey = GreyPicture.of(lens.width(), lens.height(), rgb);
        Aligned aligned = Aligned.along(lens, FarEnd.of(grey, lens).way());
        byte[] light = new byte[DEEP * ROUND];
        byte[] hue = new byte[DEEP * HUES * 2];
        Arrays.fill(hue, NONE);
        for (int row = 0; row < DEEP; row++) {
            double ahead = ahead(row);
            Hues hues = new Hues();
            for (int i = 0; i < ROUND; i++) {
                double turn = 2 * Math.PI * i / ROUND;
                double[] at = aligned.pixel(Math.sin(turn) / ahead, (-Math.cos(turn) - held) / ahead);
                int x = (int) at[0];
                int y = (int) at[1];
                boolean seen = x >= 1 && y >= 1 && x < lens.width() - 1 && y < lens.height() - 1;
                light[row * ROUND + i] = seen ? light(grey, at[0] - 0.5, at[1] - 0.5) : NONE;
                if (seen) {
                    hues.add(i * HUES / ROUND, rgb, lens.width(), x, y);
                }
            }
            hues.tell(hue, row);
        }
        return new WallBand(light, hue);
    }

    private static byte light(GreyPicture grey, double x, double y) {
        int left = Math.min((int) x, grey.width() - 2);
        int top = Math.min((int) y, grey.height() - 2);
        double fx = x - left;
        double fy = y - top;
        double above = grey.at(left, top) * (1 - fx) + grey.at(left + 1, top) * fx;
        double below = grey.at(left, top + 1) * (1 - fx) + grey.at(left + 1, top + 1) * fx;
        return (byte) Math.round((Math.log(above * (1 - fy) + below * fy + Sheet.DARK) - DARKEST) / LIGHT_STEP);
    }

    /** The hues of one row. */
    private static final class Hues {
        private static final int PIXELS = 9;

        private final double[] red = new double[HUES];
        private final double[] blue = new double[HUES];
        private final int[] count = new int[HUES];

        void add(int sector, int[] rgb, int width, int x, int y) {
            double r = PIXELS * Sheet.DARK;
            double g = PIXELS * Sheet.DARK;
            double b = PIXELS * Sheet.DARK;
            for (int j = -1; j <= 1; j++) {
                for (int i = -1; i <= 1; i++) {
                    int pixel = rgb[(y + j) * width + x + i];
                    r += pixel >> 16 & 255;
                    g += pixel >> 8 & 255;
                    b += pixel & 255;
                }
            }
            red[sector] += Math.log(r / g);
            blue[sector] += Math.log(b / g);
            count[sector]++;
        }

        void tell(byte[] hue, int row) {
            for (int s = 0; s < HUES; s++) {
                if (count[s] > 0) {
                    hue[(row * HUES + s) * 2] = step(red[s] / count[s]);
                    hue[(row * HUES + s) * 2 + 1] = step(blue[s] / count[s]);
                }
            }
        }

        private static byte step(double log) {
            return (byte) Math.round((Math.clamp(log, -WIDEST_HUE, WIDEST_HUE) + WIDEST_HUE) / HUE_STEP);
        }
    }

    /** Logarithm of the light that a step of {@link #light} tells, from that of the darkest on; NaN for {@link #NONE}. */
    public static double lightOf(int step) {
        return (byte) step == NONE ? Double.NaN : (step & 255) * LIGHT_STEP;
    }

    /** Logarithm of red or blue to green that a step of {@link #hue} tells; NaN for {@link #NONE}. */
    public static double hueOf(int step) {
        return (byte) step == NONE ? Double.NaN : (step & 255) * HUE_STEP - WIDEST_HUE;
    }
}
