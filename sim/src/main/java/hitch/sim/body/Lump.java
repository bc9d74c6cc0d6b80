package hitch.sim.body;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Noise;
import java.util.ArrayList;
import java.util.List;

/** A mass that stands across the pipe and leaves open only what lies above it. */
final class Lump {
    private static final int RINGS = 26;
    private static final int CRUMBS = 46;
    private static final int ROUND = 72;

    private Lump() {}

    /**
     * Its two faces, one for either way of looking.
     *
     * @param share of the bore that it takes
     * @param thick how far it bulges along the pipe, feet
     */
    static List<Body.Sheet> across(double share, float radius, float thick, Noise noise, float[] colour, float wet) {
        float level = (float) Bore.heightOf(Math.min(0.995, share), radius) - radius;
        return List.of(face(level, radius, thick, noise, colour, wet), face(level, radius, -thick, noise, colour, wet));
    }

    /** A soft plug: its two faces, and the crumbs that it falls into. */
    static List<Body.Sheet> soft(double share, float radius, Noise noise, float[] colour) {
        List<Body.Sheet> sheets = new ArrayList<>(across(share, radius, 0.35f, noise, colour, 0.3f));
        for (int i = 0; i < CRUMBS; i++) {
            double round = Math.PI + 1.5 * (noise.at(i, 3) - 0.5);
            float off = radius * (0.93f - 0.12f * noise.at(i, 4));
            sheets.add(crumb(
                    (float) Math.sin(round) * off,
                    (float) Math.cos(round) * off,
                    1.1f * (noise.at(i, 5) - 0.4f),
                    radius * (0.03f + 0.09f * noise.at(i, 6) * noise.at(i, 7)),
                    noise,
                    colour));
        }
        return sheets;
    }

    private static Body.Sheet crumb(float x, float y, float z, float size, Noise noise, float[] colour) {
        int rows = 5;
        int columns = 8;
        float[] points = new float[rows * columns * 3];
        float[] tone = new float[rows * columns];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int i = r * columns + c;
                double up = Math.PI * r / (rows - 1);
                double round = 2 * Math.PI * c / (columns - 1);
                float bump =
                        size * (0.7f + 0.6f * noise.at((int) (x * 4000) + c % (columns - 1), (int) (z * 4000) + r));
                points[i * 3] = x + bump * (float) (Math.sin(up) * Math.cos(round));
                points[i * 3 + 1] = y + bump * (float) Math.cos(up);
                points[i * 3 + 2] = z + bump * (float) (Math.sin(up) * Math.sin(round));
                tone[i] = 0.6f + 0.8f * noise.at((int) (x * 900) + c, (int) (z * 900) + r);
            }
        }
        return new Body.Sheet(points, tone, columns, colour, 0.2f);
    }

    private static Body.Sheet face(float level, float radius, float thick, Noise noise, float[] colour, float wet) {
        float[] points = new float[RINGS * (ROUND + 1) * 3];
        float[] tone = new float[RINGS * (ROUND + 1)];
        for (int ring = 0; ring < RINGS; ring++) {
            float r = radius * 1.03f * ring / (RINGS - 1);
            for (int k = 0; k <= ROUND; k++) {
                double angle = 2 * Math.PI * k / ROUND;
                int i = ring * (ROUND + 1) + k;
                float x = (float) Math.sin(angle) * r;
                float y = (float) Math.cos(angle) * r;
                float crumb = noise.rough(x / radius * 5 + 40, y / radius * 5 + 40, 0, 4) - 0.5f;
                float top = level + 0.16f * radius * (noise.rough(x / radius * 3 + 9, 3, 0, 3) - 0.5f);
                float over = Math.max(0, y - top);
                y = Math.min(y, top);
                float bulge = 1 - r * r / radius / radius * 0.7f;
                points[i * 3] = x;
                points[i * 3 + 1] = y;
                points[i * 3 + 2] = -thick * (bulge * 0.6f + crumb * 0.5f) * Math.max(0, 1 - over / radius * 2);
                tone[i] = 0.45f + 1.1f * noise.rough(x / radius * 7 + 90, y / radius * 7 + 20, 0, 4);
            }
        }
        return new Body.Sheet(points, tone, ROUND + 1, colour, wet);
    }
}
