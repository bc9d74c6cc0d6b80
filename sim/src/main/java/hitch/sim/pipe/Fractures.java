package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** What has broken: cracks, missing pieces, holes, and joints drawn apart. */
final class Fractures implements Painter {
    /** How thick a pipe's wall is, feet. */
    private static final double WALL = 0.055;

    /** A broken edge slopes over so much, feet. */
    private static final double FACE = 0.024;

    @Override
    public double reach() {
        return 1.6;
    }

    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        switch (t.kind()) {
            case CRACK -> crack(c, t, noise);
            case BREAK -> missing(c, t, noise);
            case HOLE -> hole(c, t, noise);
            default -> gap(c, t, noise);
        }
    }

    private static void crack(Cell c, Thing t, Noise noise) {
        double half = t.amount() / 24;
        float seed = (float) (t.at() * 3.1 + t.clock());
        switch (t.sort()) {
            case "round" -> {
                double wander = 0.05 * (c.rim(noise, 26, seed, 4) - 0.5);
                double end = Painter.within(Math.abs(c.across(t.turn())) / c.radius, 2.3, 0.5);
                line(c, Math.abs(c.station - t.at() - wander), half * end);
            }
            case "branching" -> {
                along(c, t, noise, half, 0, seed);
                double past = c.station - t.at();
                if (past > 0.1) {
                    along(c, t, noise, half * 0.8, (past - 0.1) * 0.32, seed + 20);
                    along(c, t, noise, half * 0.7, -(past - 0.1) * 0.45, seed + 40);
                }
            }
            default -> along(c, t, noise, half, 0, seed);
        }
    }

    private static void along(Cell c, Thing t, Noise noise, double half, double aside, float seed) {
        double to = t.end().orElse(t.at() + 1.2);
        double inside = Math.min(c.station - t.at(), to - c.station);
        if (inside <= 0) {
            return;
        }
        double wander = 0.09 * (noise.rough((float) c.station * 2.4f, seed, 0, 4) - 0.5);
        line(c, Math.abs(c.across(t.turn()) - wander - aside), half * Math.min(1, inside / 0.15));
    }

    /** A dark slit with pale, chipped edges. */
    private static void line(Cell c, double off, double half) {
        if (half <= 0) {
            return;
        }
        double slit = Painter.within(off, half + 0.0035, 0.004);
        double chip = Painter.within(off, half * 1.8 + 0.012, 0.008);
        c.cover(0.35 * chip, c.red * 1.4f + 0.03f, c.green * 1.4f + 0.025f, c.blue * 1.4f + 0.02f);
        c.height -= (float) (0.012 * slit);
        c.shade(1 - 0.93 * slit);
        c.wet *= (float) (1 - slit);
    }

    /** A piece of the wall is gone, with straight, sharp edges. */
    private static void missing(Cell c, Thing t, Noise noise) {
        double half = t.amount() / 24;
        double off = c.station - t.at();
        double across = c.across(t.turn());
        double ragged = 0.18 * half * (c.grain(noise, 7, 3) - 0.5);
        double edge = Math.max(
                        Math.abs(off * 0.86 + across * 0.3),
                        Math.max(Math.abs(across * 0.8 - off * 0.35), Math.abs(across)))
                - half
                + ragged;
        pit(c, edge, noise, false);
        double cracks = Math.abs(off * 0.86 + across * 0.3) - Math.abs(across * 0.8 - off * 0.35);
        if (edge > 0 && edge < half * 1.2) {
            line(c, Math.abs(cracks) + 0.002, 0.006 * (1 - edge / (half * 1.2)));
        }
        if (t.sort().equals("fallen")) {
            double lies =
                    Math.max(Math.abs(off - half * 0.4) / (half * 0.8), Math.abs(c.across(Math.PI)) / (half * 0.7));
            if (lies < 1 && c.fromBottom() < 1.2) {
                c.fill(0.05 + 0.03 * (1 - lies) + 0.02 * off / half);
                c.colour(0.50f, 0.29f, 0.17f);
                c.shade(0.6 + 0.5 * c.grain(noise, 14, 3));
                c.wet = 0.3f;
            }
        }
    }

    private static void hole(Cell c, Thing t, Noise noise) {
        double half = t.amount() / 24;
        double ragged = 0.5 * half * (c.grain(noise, 9, 3) - 0.5);
        double edge = Math.hypot(c.station - t.at(), c.across(t.turn())) - half + ragged;
        pit(c, edge, noise, t.sort().equals("void"));
    }

    /** Behind an edge: the wall's own broken face, then soil, or nothing. */
    private static void pit(Cell c, double edge, Noise noise, boolean empty) {
        if (edge > 0.03) {
            return;
        }
        if (edge > 0) {
            c.cover(0.7 * (1 - edge / 0.03), c.red * 1.7f + 0.05f, c.green * 1.7f + 0.04f, c.blue * 1.7f + 0.03f);
            return;
        }
        double in = -edge;
        double crumbs = c.grain(noise, 16, 4);
        boolean face = in < FACE;
        double behind = Math.min(1, Math.max(0, in - FACE) / 0.05);
        double deep = face ? WALL * in / FACE : WALL + behind * (empty ? 0.5 : 0.10 + 0.08 * crumbs);
        c.height = (float) -deep;
        c.wet = 0.15f;
        if (face) {
            c.cover(0.55, 0.42f, 0.29f, 0.20f);
            c.shade(0.6);
            return;
        }
        soil(c, crumbs);
        c.shade(empty ? 0.2 : 0.5);
    }

    /** Ground: brown, crumbly, hardly shining. */
    static void soil(Cell c, double crumbs) {
        c.colour((float) (0.06 + 0.34 * crumbs), (float) (0.035 + 0.22 * crumbs), (float) (0.018 + 0.12 * crumbs));
        c.shade(0.55 + 0.9 * crumbs * crumbs);
        c.wet = 0.15f;
    }

    /** Two lengths stand apart: the face of the next one shows as a ring, with the ground behind it. */
    private static void gap(Cell c, Thing t, Noise noise) {
        double wide = t.amount() / 12;
        double ragged = 0.01 * (c.rim(noise, 48, t.at(), 3) - 0.5);
        double into = c.station - t.at() + ragged;
        if (into > wide) {
            // The rim that stands off is the joint's own one, and no second upon it.
            c.height += Math.max(0, Walls.lip(c.lip, into - wide) - c.stands);
        }
        if (into < -0.03 || into > wide + 0.03) {
            return;
        }
        if (into < 0 || into > wide) {
            c.cover(0.6, c.red * 1.6f + 0.04f, c.green * 1.6f + 0.03f, c.blue * 1.6f + 0.02f);
            return;
        }
        double crumbs = c.grain(noise, 16, 4);
        double edge = Math.min(into, wide - into);
        c.height = (float) -Math.min(WALL + 0.03 * crumbs, edge * 9);
        if (t.sort().equals("soil") && edge > 0.006) {
            soil(c, crumbs);
            c.shade(0.8);
        } else {
            c.shade(edge > 0.012 ? 0.32 : 0.75);
            c.wet *= 0.4f;
        }
    }
}
