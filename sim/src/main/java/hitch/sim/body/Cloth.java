package hitch.sim.body;

import hitch.sim.pipe.Noise;
import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Wipes and paper: sheets crumpled by chance, until they cover the share of the bore that was asked for. */
final class Cloth {
    private static final int ROWS = 20;
    private static final int COLUMNS = 16;
    private static final int MOST = 40;
    /** How far round a point of a sheet nothing is seen through, in radii of the pipe. */
    static final float ABOUT = 0.05f;

    private Cloth() {}

    /** Long cloths that hang over what caught them and trail with the flow. */
    static List<Body.Sheet> wipes(Thing t, float radius, Random random, float[] colour) {
        return sheets(t, radius, random, colour, 0.50f, 0.30f, 0.05f);
    }

    /** Short, torn, soft sheets in a heap. */
    static List<Body.Sheet> paper(Thing t, float radius, Random random, float[] colour) {
        return sheets(t, radius, random, colour, 0.22f, 0.20f, 0.05f);
    }

    private static List<Body.Sheet> sheets(
            Thing t, float radius, Random random, float[] colour, float length, float width, float crumple) {
        Coverage coverage = new Coverage(radius);
        List<Body.Sheet> sheets = new ArrayList<>();
        double aim = Math.min(t.amount(), 0.55);
        // They lie where the water left them: at the bottom, unless something holds them elsewhere.
        double low = t.clock() == 12 || t.clock() == 0 ? Math.PI : t.turn();
        while (coverage.share() < aim && sheets.size() < MOST) {
            float rise = (float) (coverage.share() * 1.5 * radius);
            Body.Sheet sheet = sheet(radius, random, low, rise, colour, length, width, crumple);
            sheets.add(sheet);
            coverage.add(sheet.points(), radius * ABOUT);
        }
        return sheets;
    }

    private static Body.Sheet sheet(
            float radius,
            Random random,
            double low,
            float rise,
            float[] colour,
            float length,
            float width,
            float crumple) {
        Noise fold = new Noise(random.nextLong());
        double at = low + random.nextGaussian() * 0.6;
        float twist = (float) random.nextGaussian() * 0.5f;
        float z0 = (float) random.nextGaussian() * 0.06f;
        float[] points = new float[ROWS * COLUMNS * 3];
        float[] tone = new float[ROWS * COLUMNS];
        float heap = radius * (0.10f + 0.45f * random.nextFloat());
        float dirt = 0.55f + 0.45f * random.nextFloat();
        for (int r = 0; r < ROWS; r++) {
            float u = (float) r / (ROWS - 1);
            for (int c = 0; c < COLUMNS; c++) {
                float v = (float) c / (COLUMNS - 1) - 0.5f;
                int i = r * COLUMNS + c;
                float a = fold.rough(u * 4.2f, v * 4.2f + 9, 0, 3) - 0.5f;
                float b = fold.rough(u * 4.2f + 30, v * 4.2f + 9, 0, 3) - 0.5f;
                float d = fold.rough(u * 4.2f + 60, v * 4.2f + 9, 0, 3) - 0.5f;
                double round = at + (v * width * 0.5 + a * crumple * 4) / radius * (1 - 0.4 * u) + twist * (u - 0.5);
                float pleat = 0.022f * (float) Math.sin(v * 16 + a * 9);
                float lift = 0.012f
                        + heap * (float) Math.sin(Math.PI * (0.15 + 0.8 * u)) * (1 - 2 * v * v)
                        + Math.abs(b) * crumple * 2.6f
                        + pleat
                        + (0.16f * radius + rise) * (0.3f + 0.7f * (1 - u)) * (0.6f + a);
                float from = Math.clamp(radius - Math.max(0.008f, lift), -radius * 0.6f, radius * 0.97f);
                points[i * 3] = (float) Math.sin(round) * from;
                points[i * 3 + 1] = (float) Math.cos(round) * from;
                points[i * 3 + 2] = z0 + (u - 0.25f) * length + d * crumple * 3;
                tone[i] = dirt * (0.62f + 0.75f * fold.rough(u * 9, v * 9 + 50, 0, 3));
            }
        }
        return new Body.Sheet(points, tone, COLUMNS, colour, 0.25f);
    }
}
