package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.Random;

/**
 * A pipe drawn by plain geometry, so that its measures are known: a near length, a joint, a far length that may lie off it, and
 * water. Lengths are in radii of the bore; right and down are positive.
 *
 * @param lens what draws it
 * @param way where the pipe goes
 * @param right how far the bore's middle lies to the right of the lens
 * @param down how far below it
 * @param joint how far ahead the near length ends
 * @param gap how far beyond that the far one begins
 * @param offRight how far the far length lies to the right of the near one
 * @param offDown how far below it
 * @param water depth over the bottom; 0 for none
 * @param face brightness of what is seen between the two, 0 to 1
 * @param rough how rough the wall looks, 0 to 1
 */
public record DrawnPipe(
        LensView lens,
        double[] way,
        double right,
        double down,
        double joint,
        double gap,
        double offRight,
        double offDown,
        double water,
        double face,
        double rough) {
    private static final double THICK = 1.25;

    public static DrawnPipe plain() {
        return new DrawnPipe(
                LensView.across(640, 480, 85), new double[] {0.02, 0.05, 0.9985}, 0.05, -0.3, 60, 0, 0, 0, 0, 0.5, 0.3);
    }

    public DrawnPipe joint(double ahead, double itsGap, double itsOffRight, double itsOffDown, double itsFace) {
        return new DrawnPipe(lens, way, right, down, ahead, itsGap, itsOffRight, itsOffDown, water, itsFace, rough);
    }

    DrawnPipe water(double depth) {
        return new DrawnPipe(lens, way, right, down, joint, gap, offRight, offDown, depth, face, rough);
    }

    DrawnPipe rough(double itsRough) {
        return new DrawnPipe(lens, way, right, down, joint, gap, offRight, offDown, water, face, itsRough);
    }

    DrawnPipe seenBy(LensView other) {
        return new DrawnPipe(other, way, right, down, joint, gap, offRight, offDown, water, face, rough);
    }

    public GreyPicture picture(long seed) {
        Random random = new Random(seed);
        Aligned aligned = Aligned.along(lens, way);
        int w = lens.width();
        int h = lens.height();
        double[] light = new double[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double[] f = aligned.flat(x + 0.5, y + 0.5);
                light[y * w + x] = light(f[0], f[1], seed);
            }
        }
        byte[] grey = new byte[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                // A lens that is not quite sharp, and a sensor that is not quite still.
                double sum = 0;
                for (int j = -1; j <= 1; j++) {
                    for (int i = -1; i <= 1; i++) {
                        sum += light[Math.clamp(y + j, 0, h - 1) * w + Math.clamp(x + i, 0, w - 1)];
                    }
                }
                grey[y * w + x] = (byte) Math.clamp(Math.round(sum / 9 * 255 + random.nextGaussian() * 2), 0, 255);
            }
        }
        return new GreyPicture(w, h, grey);
    }

    private double light(double u, double v, long seed) {
        double far = wall(u, v, right, down, 1);
        double wet = v > 0 && water > 0 ? (down + 1 - water) / v : Double.MAX_VALUE;
        if (wet > 0 && wet < Math.min(far, 40) && Math.abs(u * wet - right) < 1) {
            return 0.12 + 0.03 * Math.sin(wet * 9 + u * 14);
        }
        if (far <= joint) {
            return shade(far, Math.atan2(u * far - right, v * far - down), seed);
        }
        // Past the near rim: between the two, on the far length's end, or in it.
        double at = joint + gap;
        double ox = u * at - right - offRight;
        double oy = v * at - down - offDown;
        double off = Math.hypot(ox, oy);
        if (off < 1) {
            double beyond = wall(u, v, right + offRight, down + offDown, 1);
            return shade(beyond, Math.atan2(u * beyond - right - offRight, v * beyond - down - offDown), seed + 1);
        }
        return off < THICK ? face * lamp(at) : 0.02;
    }

    /** How far ahead a ray meets a pipe. */
    private static double wall(double u, double v, double right, double down, double radius) {
        double a = Math.max(1e-9, u * u + v * v);
        double b = u * right + v * down;
        double c = right * right + down * down - radius * radius;
        return (b + Math.sqrt(Math.max(0, b * b - a * c))) / a;
    }

    private static double lamp(double ahead) {
        return Math.min(1, 6 / (4 + ahead * ahead));
    }

    private double shade(double ahead, double turn, long seed) {
        double grain = noise(ahead * 3, turn * 4, seed) * 0.6 + noise(ahead * 9, turn * 11, seed + 5) * 0.4;
        return Math.clamp(0.55 * lamp(ahead) * (1 + rough * 2 * (grain - 0.5)), 0, 1);
    }

    /** Smooth noise, 0 to 1. */
    private static double noise(double x, double y, long seed) {
        long ix = (long) Math.floor(x);
        long iy = (long) Math.floor(y);
        double fx = x - ix;
        double fy = y - iy;
        double sx = fx * fx * (3 - 2 * fx);
        double sy = fy * fy * (3 - 2 * fy);
        return (dot(ix, iy, seed) * (1 - sx) + dot(ix + 1, iy, seed) * sx) * (1 - sy)
                + (dot(ix, iy + 1, seed) * (1 - sx) + dot(ix + 1, iy + 1, seed) * sx) * sy;
    }

    private static double dot(long x, long y, long seed) {
        long h = x * 0x9E3779B97F4A7C15L ^ y * 0xC2B2AE3D27D4EB4FL ^ seed * 0x165667B19E3779F9L;
        h ^= h >>> 29;
        h *= 0xBF58476D1CE4E5B9L;
        h ^= h >>> 32;
        return (h >>> 11) / (double) (1L << 53);
    }
}
