package hitch.sim;

import hitch.core.pipe.Material;
import java.util.stream.IntStream;

/**
 * The wall of the pipe, unrolled and drawn once: at each cell how far it stands into the bore (feet), its colour and how
 * wet it is. The first axis is the station, the second the angle, 0 at the top, clockwise looking with the flow.
 */
final class PipeSkin {
    static final int PER_FOOT = 80;
    static final int ROUND = 320;

    private final PipeShape shape;
    private final Scenario scenario;
    private final double origin;
    private final int rows;
    private final float[] height;
    private final float[] red;
    private final float[] green;
    private final float[] blue;
    private final float[] wet;
    private final Noise noise;
    private final Noise grit;

    PipeSkin(Scenario scenario, PipeShape shape) {
        this.scenario = scenario;
        this.shape = shape;
        this.origin = shape.start() - 3;
        this.rows = (int) Math.ceil((shape.end() - origin + 1) * PER_FOOT);
        int cells = rows * ROUND;
        height = new float[cells];
        red = new float[cells];
        green = new float[cells];
        blue = new float[cells];
        wet = new float[cells];
        noise = new Noise(scenario.seed());
        grit = new Noise(scenario.seed() + 99);
        IntStream.range(0, rows).parallel().forEach(this::drawRow);
    }

    private void drawRow(int row) {
        double station = origin + (double) row / PER_FOOT;
        Scenario.Pipe pipe = scenario.pipeAt(station);
        double joint = nearestJoint(station);
        for (int col = 0; col < ROUND; col++) {
            int cell = row * ROUND + col;
            double angle = 2 * Math.PI * col / ROUND;
            drawWall(cell, pipe.material(), (float) station, col);
            if (pipe.material() != Material.PVC || Math.abs(joint) < 0.2) {
                drawJoint(cell, pipe.material(), joint, (float) station, col);
            }
            drawStain(cell, pipe.material(), (float) station, angle, col);
            for (Scenario.Feature feature : scenario.features()) {
                drawFeature(cell, feature, station, angle, col);
            }
        }
    }

    private double nearestJoint(double station) {
        double best = 100;
        for (double joint : shape.joints()) {
            if (Math.abs(station - joint) < Math.abs(best)) {
                best = station - joint;
            }
        }
        return best;
    }

    private void drawWall(int cell, Material material, float station, int col) {
        float turn = 24f * col / ROUND;
        float broad = noise.rough(station * 1.3f, turn / 3, 8, 4);
        float fine = grit.rough(station * 9, turn * 2, 48, 3);
        switch (material) {
            case CAST_IRON -> {
                float lump = Math.max(0, noise.rough(station * 4.5f, turn, 24, 4) - 0.47f) * 4.2f;
                height[cell] = 0.026f * lump + 0.006f * fine;
                colour(cell, 0.30f + 0.30f * broad + 0.10f * lump, 0.16f + 0.15f * broad * fine, 0.07f + 0.07f * fine);
                shade(cell, 0.55f + 0.75f * fine);
                wet[cell] = 0.22f;
            }
            case PVC, ABS -> {
                height[cell] = 0.0008f * fine;
                colour(cell, 0.70f, 0.72f, 0.63f);
                float scuff = Math.max(0, grit.rough(station * 0.7f, turn * 4, 96, 3) - 0.58f) * 1.6f;
                shade(cell, 0.80f + 0.26f * broad + 0.10f * fine - 0.5f * scuff);
                wet[cell] = 0.75f;
            }
            case CONCRETE -> {
                height[cell] = 0.005f * fine;
                colour(cell, 0.46f, 0.44f, 0.40f);
                shade(cell, 0.6f + 0.6f * fine);
                wet[cell] = 0.2f;
            }
            default -> {
                height[cell] = 0.0025f * fine + 0.002f * broad;
                colour(cell, 0.56f, 0.325f, 0.19f);
                float speck = Math.max(0, grit.rough(station * 22, turn * 5, 120, 2) - 0.62f) * 2.2f;
                float crust = Math.max(0, noise.rough(station * 3.1f + 50, turn * 1.5f, 36, 4) - 0.56f) * 3.4f;
                shade(cell, 0.42f + 0.80f * broad + 0.42f * (fine - 0.5f) - speck);
                red[cell] += 0.16f * crust;
                green[cell] += 0.17f * crust;
                blue[cell] += 0.15f * crust;
                height[cell] += 0.004f * crust;
                wet[cell] = 0.5f;
            }
        }
    }

    private void drawJoint(int cell, Material material, double off, float station, int col) {
        float ragged = 0.012f * (grit.rough(station * 3, 24f * col / ROUND, 24, 3) - 0.5f);
        double at = Math.abs(off) + ragged;
        double half = material == Material.PVC ? 0.012 : 0.03;
        if (at < half) {
            height[cell] = material == Material.PVC ? -0.006f : -0.035f;
            shade(cell, 0.34f);
        } else if (at < half * 2.6 && material != Material.PVC) {
            float lip = (float) (1 - (at - half) / (half * 1.6));
            height[cell] += 0.006f * lip;
            shade(cell, 1 + 0.3f * lip);
        }
    }

    /** The dark, slimy strip that the flow leaves along the bottom, and drip marks down the sides. */
    private void drawStain(int cell, Material material, float station, double angle, int col) {
        double fromBottom = Math.abs(angle - Math.PI);
        float edge = 0.30f * (noise.rough(station * 2.2f, 3, 0, 3) - 0.5f);
        float stain = (float) Math.clamp((0.85 + edge - fromBottom) / 0.45, 0, 1);
        float line = (float) Math.exp(-Math.pow((fromBottom - 0.95 - edge) / 0.07, 2));
        float streak = Math.max(0, noise.rough(24f * col / ROUND * 2, station * 0.6f, 0, 3) - 0.6f) * 1.5f;
        boolean pale = material == Material.PVC || material == Material.ABS;
        float dark = 1 - stain * (pale ? 0.42f : 0.5f) - line * (pale ? 0.28f : 0.2f) - streak * (pale ? 0.07f : 0.4f);
        shade(cell, Math.max(0.2f, dark));
        if (pale) {
            blue[cell] *= 1 - 0.35f * stain - 0.25f * line;
            green[cell] *= 1 - 0.14f * stain;
        }
        wet[cell] = Math.max(wet[cell], stain * 0.95f);
        float sludge = stain * Math.max(0, noise.rough(station * 5, 24f * col / ROUND * 2, 48, 3) - 0.45f);
        height[cell] += 0.022f * sludge;
    }

    private void drawFeature(int cell, Scenario.Feature f, double station, double angle, int col) {
        double off = station - f.at();
        double turn = Math.toRadians(f.clock() * 30);
        double across = Math.abs(Math.IEEEremainder(angle - turn, 2 * Math.PI)) * shape.radius(station);
        switch (f.kind()) {
            case "tie-in" -> {
                double reach = Math.hypot(off, across * 1.15) / 0.105;
                if (reach < 1) {
                    height[cell] = (float) (-0.5 * Math.pow(1 - reach * reach, 0.3));
                    shade(cell, (float) (0.28 + 0.4 * reach * reach));
                } else if (reach < 1.3) {
                    float rim = (float) (1 - (reach - 1) / 0.3);
                    height[cell] += 0.012f * rim;
                    shade(cell, 1 + 0.35f * rim);
                }
            }
            case "debris" -> {
                double reach = Math.hypot(off / 0.35, across / 0.16);
                if (reach < 1.2) {
                    float lump = noise.rough((float) station * 12, 24f * col / ROUND * 4, 96, 4);
                    float mound = (float) Math.max(0, 1 - reach * reach * 0.7) * lump;
                    height[cell] += (float) f.amount() * 0.16f * mound;
                    if (mound > 0.2f) {
                        colour(cell, 0.40f * lump + 0.12f, 0.33f * lump + 0.09f, 0.24f * lump + 0.05f);
                    }
                }
            }
            case "offset" -> {
                // Paper and grit that hang on the step.
                double reach =
                        Math.hypot((off + 0.05) / 0.14, (Math.abs(angle - Math.PI) * shape.radius(station)) / 0.13);
                if (f.amount() > 0.5 && reach < 1) {
                    float lump = noise.rough((float) station * 16, 24f * col / ROUND * 4, 96, 4);
                    height[cell] += 0.05f * (float) (1 - reach * reach) * lump;
                    colour(cell, 0.42f + 0.28f * lump, 0.40f + 0.26f * lump, 0.35f + 0.22f * lump);
                }
                if (Math.abs(off) < 0.05) {
                    shade(cell, 0.6f);
                }
            }
            case "roots" -> {
                double reach = Math.hypot(off / 0.3, across / 0.25);
                if (reach < 1) {
                    shade(cell, (float) (0.55 + 0.45 * reach));
                }
            }
            default -> {}
        }
    }

    private void colour(int cell, float r, float g, float b) {
        red[cell] = r;
        green[cell] = g;
        blue[cell] = b;
    }

    private void shade(int cell, float factor) {
        float by = Math.max(0.06f, factor);
        red[cell] *= by;
        green[cell] *= by;
        blue[cell] *= by;
    }

    float height(double station, float angle) {
        return sample(height, station, angle);
    }

    /** Colour, wetness and slope at a place: red, green, blue, wet, dh/ds, dh/dangle. */
    void look(double station, float angle, float[] out) {
        out[0] = sample(red, station, angle);
        out[1] = sample(green, station, angle);
        out[2] = sample(blue, station, angle);
        out[3] = sample(wet, station, angle);
        float step = 1.2f / PER_FOOT;
        float turn = (float) (2 * Math.PI / ROUND) * 1.2f;
        out[4] = (sample(height, station + step, angle) - sample(height, station - step, angle)) / (2 * step);
        out[5] = (sample(height, station, angle + turn) - sample(height, station, angle - turn)) / (2 * turn);
    }

    private float sample(float[] map, double station, float angle) {
        float x = (float) ((station - origin) * PER_FOOT);
        float y = angle * (float) (ROUND / (2 * Math.PI));
        x = Math.clamp(x, 0, rows - 1.001f);
        int x0 = (int) x;
        int x1 = Math.min(x0 + 1, rows - 1);
        int yf = (int) Math.floor(y);
        float fx = x - x0;
        float fy = y - yf;
        int y0 = Math.floorMod(yf, ROUND);
        int y1 = y0 + 1 == ROUND ? 0 : y0 + 1;
        float a = map[x0 * ROUND + y0] * (1 - fy) + map[x0 * ROUND + y1] * fy;
        float b = map[x1 * ROUND + y0] * (1 - fy) + map[x1 * ROUND + y1] * fy;
        return a + (b - a) * fx;
    }
}
