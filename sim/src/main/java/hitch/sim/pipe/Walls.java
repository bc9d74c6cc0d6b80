package hitch.sim.pipe;

import hitch.sim.scene.Scenario;

/** How each material looks when nothing is wrong with it: its colour, its roughness, its joints and the mark that the flow leaves. */
final class Walls {
    /** Mortar and broken edges make a rim stand in by so much, feet, and so far from its end. */
    private static final float LIP = 0.006f;

    private static final double LIP_REACH = 0.042;

    private final Noise noise;
    private final Noise grit;

    Walls(long seed) {
        noise = new Noise(seed);
        grit = new Noise(seed + 99);
    }

    void paint(Cell c, Scenario.Pipe pipe, double toJoint) {
        float s = (float) c.station;
        float broad = c.grain(noise, 2.6, 2, 4);
        float fine = c.grain(grit, 16, 1.4, 3);
        switch (pipe.material()) {
            case CAST_IRON -> iron(c, broad, fine);
            case STEEL -> steel(c, broad, fine);
            case PVC, ABS -> plastic(c, broad, fine, pipe);
            case CONCRETE -> concrete(c, broad, fine);
            case TAR_FIBRE -> tarFibre(c, broad, fine);
            case CLAY -> clay(c, broad, fine, pipe.look().equals("glazed"));
        }
        c.lip = isPlastic(pipe) ? 0 : LIP;
        c.stands = 0;
        joint(c, pipe, toJoint);
        flowMark(c, pipe, s);
    }

    /** Rusted: brown to black, in lumps of all sizes. */
    private void iron(Cell c, float broad, float fine) {
        float lump = Math.max(0, c.grain(noise, 7, 4) - 0.44f) * 3.4f;
        float small = Math.max(0, c.grain(grit, 24, 3) - 0.45f) * 2.5f;
        c.height = 0.013f * lump + 0.006f * small;
        c.colour(0.25f + 0.20f * broad + 0.12f * lump, 0.145f + 0.10f * broad + 0.045f * lump, 0.075f + 0.03f * broad);
        c.shade(0.42f + 0.55f * fine + 0.45f * small);
        float black = Math.max(0, 0.46f - c.grain(noise, 3.4, 3)) * 4;
        c.cover(0.75 * Math.min(1, black), 0.05f, 0.036f, 0.028f);
        c.wet = 0.22f;
    }

    private static void steel(Cell c, float broad, float fine) {
        c.height = 0.003f * fine;
        c.colour(0.30f + 0.12f * broad, 0.29f + 0.08f * broad, 0.27f);
        c.shade(0.6f + 0.6f * fine);
        c.wet = 0.5f;
    }

    private void plastic(Cell c, float broad, float fine, Scenario.Pipe pipe) {
        c.height = 0.0006f * fine;
        boolean black = pipe.material() == hitch.core.pipe.Material.ABS;
        float scuff = Math.max(0, c.grain(grit, 30, 26, 3) - 0.58f) * 1.6f;
        switch (pipe.look()) {
            case "grey" -> c.colour(0.25f, 0.27f, 0.29f);
            case "green" -> c.colour(0.30f, 0.47f, 0.36f);
            case "orange" -> c.colour(0.62f, 0.30f, 0.14f);
            default -> {
                if (black) {
                    c.colour(0.050f, 0.050f, 0.054f);
                } else {
                    c.colour(0.74f, 0.76f, 0.74f);
                }
            }
        }
        c.shade(0.82f + 0.22f * broad + 0.08f * fine - 0.4f * scuff);
        if (black) {
            c.cover(0.5 * scuff, 0.16f, 0.16f, 0.16f);
        }
        c.wet = 0.8f;
    }

    private void concrete(Cell c, float broad, float fine) {
        float stone = c.grain(grit, 26, 2);
        c.height = 0.004f * fine + (stone > 0.62f ? 0.003f : 0);
        c.colour(0.40f, 0.385f, 0.35f);
        c.shade(0.55f + 0.45f * fine + 0.35f * broad);
        c.cover(Math.max(0, stone - 0.6) * 2.4, 0.50f, 0.47f, 0.42f);
        c.cover(Math.max(0, 0.36 - stone) * 3, 0.16f, 0.15f, 0.13f);
        c.wet = 0.25f;
    }

    private void tarFibre(Cell c, float broad, float fine) {
        float fibre = c.grain(grit, 60, 14, 3);
        c.height = 0.002f * fine;
        c.colour(0.074f, 0.060f, 0.050f);
        c.shade(0.55f + 0.6f * broad + 0.5f * fibre);
        c.cover(Math.max(0, fibre - 0.6) * 0.8, 0.17f, 0.13f, 0.10f);
        c.wet = 0.42f;
    }

    private void clay(Cell c, float broad, float fine, boolean glazed) {
        c.height = 0.0025f * fine + 0.002f * broad;
        float speck = Math.max(0, c.grain(grit, 34, 1.5, 2) - 0.64f) * 2f;
        if (glazed) {
            c.colour(0.30f, 0.135f, 0.065f);
            c.shade(0.5f + 0.7f * broad + 0.3f * (fine - 0.5f) - 0.5f * speck);
            c.wet = 0.85f;
            return;
        }
        float crust = Math.max(0, c.grain(noise, 4.6, 1.6, 4) - 0.56f) * 3.4f;
        c.colour(0.54f, 0.30f, 0.17f);
        c.shade(0.40f + 0.80f * broad + 0.42f * (fine - 0.5f) - speck);
        c.red += 0.14f * crust;
        c.green += 0.14f * crust;
        c.blue += 0.12f * crust;
        c.height += 0.004f * crust;
        c.wet = 0.5f;
    }

    private static boolean isPlastic(Scenario.Pipe pipe) {
        return pipe.material() == hitch.core.pipe.Material.PVC || pipe.material() == hitch.core.pipe.Material.ABS;
    }

    private void joint(Cell c, Scenario.Pipe pipe, double off) {
        if (Math.abs(off) > 0.2) {
            return;
        }
        boolean plastic = isPlastic(pipe);
        float ragged = (plastic ? 0.001f : 0.012f) * (c.rim(grit, 14, Math.rint((c.station - off) * 64), 2) - 0.5f);
        double at = Math.abs(off) + ragged;
        double half = plastic ? 0.009 : pipe.material() == hitch.core.pipe.Material.TAR_FIBRE ? 0.012 : 0.026;
        if (at < half) {
            c.height = plastic ? -0.008f : -0.035f;
            c.shade(0.30);
        } else if (at < half + LIP_REACH && !plastic) {
            c.stands = lip(c.lip, at - half);
            c.height += c.stands;
            c.shade(1 + 0.3f * lip(1, at - half));
        }
    }

    /** How far a rim stands in, so far from where it ends, feet. */
    static float lip(float most, double from) {
        return most * (float) Math.max(0, 1 - from / LIP_REACH);
    }

    /** The dark, slimy strip that the flow leaves along the bottom, and drip marks down the sides. */
    private void flowMark(Cell c, Scenario.Pipe pipe, float s) {
        boolean pale =
                pipe.material() == hitch.core.pipe.Material.PVC && !pipe.look().equals("grey");
        double fromBottom = c.fromBottom();
        float edge = 0.30f * (noise.rough(s * 2.2f, 3, 0, 3) - 0.5f);
        float stain = (float) Math.clamp((0.85 + edge - fromBottom) / 0.45, 0, 1);
        float line = (float) Math.exp(-Math.pow((fromBottom - 0.95 - edge) / 0.07, 2));
        float streak = Math.max(0, c.grain(noise, 20, 14, 3) - 0.6f) * 1.5f;
        float dark = 1 - stain * (pale ? 0.42f : 0.5f) - line * (pale ? 0.28f : 0.2f) - streak * (pale ? 0.07f : 0.4f);
        c.shade(Math.max(0.2f, dark));
        if (pale) {
            c.blue *= 1 - 0.35f * stain - 0.25f * line;
            c.green *= 1 - 0.14f * stain;
        }
        c.wetten(stain * 0.95f);
        float sludge = stain * Math.max(0, c.grain(noise, 9, 2, 3) - 0.45f);
        c.height += 0.014f * sludge;
    }
}
