package hitch.sim.pipe;

/** Smooth pseudo-random values (gradient-free value noise on an integer lattice), the same for the same seed. */
public final class Noise {
    private final int seed;

    public Noise(long seed) {
        this.seed = (int) (seed ^ seed >>> 32) * 0x9E3779B1;
    }

    /** A value from 0 to 1 for a lattice point. */
    public float at(int x, int y) {
        int h = seed + x * 0x27D4EB2D + y * 0x165667B1;
        h = (h ^ h >>> 15) * 0x85EBCA6B;
        h = (h ^ h >>> 13) * 0xC2B2AE35;
        return ((h ^ h >>> 16) & 0xFFFFFF) / (float) 0x1000000;
    }

    /** Smooth between lattice points; the second axis wraps round after {@code period} points, 0 for never. */
    public float smooth(float x, float y, int period) {
        int ix = (int) Math.floor(x);
        int iy = (int) Math.floor(y);
        float fx = x - ix;
        float fy = y - iy;
        fx = fx * fx * (3 - 2 * fx);
        fy = fy * fy * (3 - 2 * fy);
        int y0 = period > 0 ? wrap(iy, period) : iy;
        int y1 = period > 0 ? y0 + 1 == period ? 0 : y0 + 1 : iy + 1;
        float near = at(ix, y0);
        float far = at(ix, y1);
        float a = near + (at(ix + 1, y0) - near) * fx;
        float b = far + (at(ix + 1, y1) - far) * fx;
        return a + (b - a) * fy;
    }

    private static int wrap(int y, int period) {
        if (y >= 0 && y < period) {
            // Nearly always; a division for each grain of the wall is what drawing it would wait for.
            return y;
        }
        int rest = y % period;
        return rest < 0 ? rest + period : rest;
    }

    /** Several octaves of {@link #smooth}, 0 to 1. */
    public float rough(float x, float y, int period, int octaves) {
        float sum = 0;
        float weight = 0;
        float share = 1;
        int scale = 1;
        for (int i = 0; i < octaves; i++) {
            sum += share * smooth(x * scale + 17.3f * i, y * scale, period * scale);
            weight += share;
            share *= 0.5f;
            scale *= 2;
        }
        return sum / weight;
    }
}
