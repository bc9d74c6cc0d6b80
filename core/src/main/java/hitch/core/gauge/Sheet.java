package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.stream.IntStream;

/**
 * A picture drawn anew on the sheet across the pipe: the logarithm of its brightness, so that an edge counts the same near the
 * lamp and far from it.
 *
 * @param scale pixels of this sheet to a unit of the sheet
 * @param width pixels
 * @param height pixels
 * @param middleX where the pipe goes, pixels from the left
 * @param middleY from the top
 * @param light row by row; NaN where the picture does not reach
 */
record Sheet(Aligned aligned, double scale, int width, int height, double middleX, double middleY, float[] light) {
    /** What is darker than this is taken for dark alike, of 255. */
    static final double DARK = 10;
    /** No sheet has more pixels to a unit, so that large pictures take no longer. */
    private static final double FINEST = 440;

    /** Square of the farthest that the sheet reaches across. */
    private static final double FARTHEST = 9;
    /** Squares that the lens is asked for. */
    private static final int STEPS = (1 << 14) - 1;

    /** Pixels of a sheet to a unit of it, from a lens: what a rim is found to. */
    static double scale(LensView lens) {
        return Math.min(FINEST, lens.focal());
    }

    static Sheet of(GreyPicture picture, Aligned aligned) {
        LensView lens = aligned.lens();
        double scale = scale(lens);
        int step = Math.max(1, (int) Math.round(lens.focal() / scale));
        // As much as a lens of a hundred degrees would show.
        int halfWide =
                (int) (scale * Math.min(1.15, Math.tan(Math.min(1.2, lens.width() / 2.0 / lens.focal())) + 0.15));
        int halfHigh =
                (int) (scale * Math.min(1.0, Math.tan(Math.min(1.2, lens.height() / 2.0 / lens.focal())) + 0.15));
        int width = 2 * halfWide;
        int height = 2 * halfHigh;
        float[] logs = new float[256];
        for (int i = 0; i < 256; i++) {
            logs[i] = (float) Math.log(i + DARK);
        }
        float[] light = new float[width * height];
        double[] reach = reach(lens);
        double[] right = aligned.right();
        double[] down = aligned.down();
        double[] axis = aligned.axis();
        IntStream.range(0, height).parallel().forEach(y -> {
            double v = (y + 0.5 - halfHigh) / scale;
            double rowX = v * down[0] + axis[0];
            double rowY = v * down[1] + axis[1];
            double rowZ = v * down[2] + axis[2];
            for (int x = 0; x < width; x++) {
                double u = (x + 0.5 - halfWide) / scale;
                double wx = u * right[0] + rowX;
                double wy = u * right[1] + rowY;
                double wz = u * right[2] + rowZ;
                double ahead = 1 / wz;
                double square = (wx * wx + wy * wy) * ahead * ahead;
                if (wz > 0 && square < FARTHEST) {
                    double by = reach[(int) (square * (STEPS / FARTHEST))] * ahead;
                    light[y * width + x] =
                            at(picture, lens.width() / 2.0 + wx * by, lens.height() / 2.0 + wy * by, step, logs);
                } else {
                    light[y * width + x] = Float.NaN;
                }
            }
        });
        return new Sheet(aligned, scale, width, height, halfWide, halfHigh, light);
    }

    /** Pixels from the picture's middle to a unit across at one unit ahead, by the square of how far across. */
    private static double[] reach(LensView lens) {
        double[] reach = new double[STEPS + 1];
        for (int i = 0; i < reach.length; i++) {
            double across = Math.sqrt((i + 0.5) / STEPS * FARTHEST);
            double[] pixel = lens.pixel(new double[] {across, 0, 1});
            reach[i] = (pixel[0] - lens.width() / 2.0) / across;
        }
        return reach;
    }

    private static float at(GreyPicture picture, double px, double py, int step, float[] logs) {
        if (px < 0.5 || py < 0.5 || px > picture.width() - 0.5 || py > picture.height() - 0.5) {
            return Float.NaN;
        }
        double sx = px - 0.5;
        double sy = py - 0.5;
        int x = (int) sx;
        int y = (int) sy;
        if (step > 1) {
            int sum = 0;
            for (int j = 0; j < step; j++) {
                for (int i = 0; i < step; i++) {
                    sum += picture.at(x + i - step / 2, y + j - step / 2);
                }
            }
            return logs[sum / (step * step)];
        }
        float fx = (float) (sx - x);
        float fy = (float) (sy - y);
        float top = picture.at(x, y) * (1 - fx) + picture.at(x + 1, y) * fx;
        float low = picture.at(x, y + 1) * (1 - fx) + picture.at(x + 1, y + 1) * fx;
        return logs[(int) (top * (1 - fy) + low * fy)];
    }

    /** Light between pixels; NaN where there is none. */
    float at(double x, double y) {
        double sx = x - 0.5;
        double sy = y - 0.5;
        int ix = (int) Math.floor(sx);
        int iy = (int) Math.floor(sy);
        if (ix < 0 || iy < 0 || ix >= width - 1 || iy >= height - 1) {
            return Float.NaN;
        }
        float fx = (float) (sx - ix);
        float fy = (float) (sy - iy);
        int i = iy * width + ix;
        return (light[i] * (1 - fx) + light[i + 1] * fx) * (1 - fy)
                + (light[i + width] * (1 - fx) + light[i + width + 1] * fx) * fy;
    }
}
