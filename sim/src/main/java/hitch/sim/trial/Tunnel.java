package hitch.sim.trial;

import java.util.Random;

/** A round pipe moving past a lamp, drawn fast: each pixel looks up the wall at its angle and its depth. */
final class Tunnel {
    private static final int ROUND = 512;
    private static final int LONG = 4096;
    /** Wall cells for a foot. */
    private static final double CELLS_A_FOOT = 96;

    private final short[] angle;
    private final float[] depth;
    private final float[] light;
    private final byte[] wall = new byte[ROUND * LONG];

    Tunnel(int width, int height, Random random) {
        angle = new short[width * height];
        depth = new float[width * height];
        light = new float[width * height];
        double cx = width * (0.42 + random.nextDouble() * 0.16);
        double cy = height * (0.42 + random.nextDouble() * 0.16);
        double lamp = 0.7 + random.nextDouble() * 0.7;
        for (int i = 0; i < angle.length; i++) {
            double dx = i % width - cx;
            double dy = i / width - cy;
            double r = Math.max(4, Math.hypot(dx, dy));
            angle[i] = (short) ((Math.atan2(dy, dx) / (2 * Math.PI) + 1) * ROUND % ROUND);
            // A wall point at depth z stands at f R / z from the middle.
            double z = 0.25 * width / r;
            depth[i] = (float) (z * CELLS_A_FOOT * 0.7);
            light[i] = (float) (lamp * Math.min(1, 1.9 / (0.4 + z * z * 0.25)));
        }
        paint(random);
    }

    private void paint(Random random) {
        float[] shade = new float[ROUND * LONG];
        for (int octave = 0; octave < 5; octave++) {
            int cells = 8 << octave;
            int rows = 64 << octave;
            float[] grid = new float[cells * rows];
            for (int i = 0; i < grid.length; i++) {
                grid[i] = random.nextFloat() - 0.5f;
            }
            add(shade, grid, cells, rows, 1 / (1 + octave * 0.5f));
        }
        for (int i = 0; i < wall.length; i++) {
            int along = i / ROUND % (int) (CELLS_A_FOOT * 4);
            double joint = along < 4 ? 0.35 : 1;
            wall[i] = (byte) Math.clamp((110 + 90 * shade[i]) * joint, 0, 255);
        }
    }

    /** Adds a grid's values, smoothly between its points, round and along without a seam. */
    private static void add(float[] shade, float[] grid, int cells, int rows, float weight) {
        for (int i = 0; i < shade.length; i++) {
            float a = (float) (i % ROUND) * cells / ROUND;
            float z = (float) (i / ROUND) * rows / LONG;
            int left = (int) a;
            int top = (int) z;
            float across = a - left;
            float down = z - top;
            float upper = grid[top % rows * cells + left % cells] * (1 - across)
                    + grid[top % rows * cells + (left + 1) % cells] * across;
            float lower = grid[(top + 1) % rows * cells + left % cells] * (1 - across)
                    + grid[(top + 1) % rows * cells + (left + 1) % cells] * across;
            shade[i] += weight * (upper * (1 - down) + lower * down);
        }
    }

    /** Draws the pipe {@code feet} along it, {@code 0xRRGGBB} a pixel. */
    void draw(double feet, int[] rgb) {
        int along = (int) Math.round(feet * CELLS_A_FOOT);
        for (int i = 0; i < rgb.length; i++) {
            int z = (int) depth[i] + along & LONG - 1;
            int v = (int) Math.clamp((wall[z * ROUND + angle[i]] & 0xFF) * light[i], 4, 255);
            rgb[i] = v << 16 | v * 15 / 16 << 8 | v * 13 / 16;
        }
    }
}
