package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** What people have put in: liners and their ends, coatings, couplings, makeshift repairs. */
final class Fittings implements Painter {
    private static final double LINER = 0.019;

    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        switch (t.kind()) {
            case LINER -> liner(c, t, noise);
            case COATING -> coating(c, t, noise);
            case COUPLING -> coupling(c, t, noise);
            default -> repair(c, t, noise);
        }
    }

    /** A resin pipe within the pipe: smooth, pale, with a seam; it ends in a cut edge. */
    private static void liner(Cell c, Thing t, Noise noise) {
        double ragged = 0.035 * (c.rim(noise, 22, t.at(), 4) - 0.5);
        double inside = Math.min(c.station - t.at(), t.to() - c.station) + ragged;
        if (inside <= 0) {
            if (inside > -0.05) {
                c.cover(0.5, 0.50f, 0.48f, 0.40f);
            }
            return;
        }
        double fold = 0;
        if (t.sort().equals("wrinkled")) {
            double ridge = Math.abs(Math.IEEEremainder(
                    c.turn * 0.42 + 0.6 * noise.rough((float) c.station * 1.7f, 3, 0, 3), 1));
            fold = 0.022 * Math.pow(Math.max(0, 1 - ridge * 5), 2) + 0.010 * c.grain(noise, 4, 2);
        }
        double broad = c.grain(noise, 0.9, 3);
        c.height = (float) (LINER + fold + 0.15 * Math.max(-0.01, c.height) + 0.002 * broad);
        c.colour(0.58f, 0.575f, 0.48f);
        c.shade(0.75 + 0.4 * broad);
        double seam = Math.abs(c.across(t.turn() + Math.PI / 3));
        c.shade(1 - 0.35 * Painter.within(seam, 0.008, 0.006));
        double dirt = Painter.within(c.fromBottom(), 0.85 + 0.3 * broad, 0.5);
        c.cover(0.5 * dirt, 0.24f, 0.20f, 0.13f);
        c.wet = 0.9f;
        if (inside < 0.022) {
            c.cover(0.8, 0.80f, 0.77f, 0.62f);
        }
    }

    /** Sprayed on: even in colour, like the peel of an orange, with runs. */
    private static void coating(Cell c, Thing t, Noise noise) {
        double ragged = 0.14 * (c.rim(noise, 9, t.at(), 4) - 0.5);
        double inside = Math.min(c.station - t.at(), t.to() - c.station) + ragged;
        double cover = Math.clamp(inside / 0.08, 0, 1);
        double peel = c.grain(noise, 26, 2);
        double run = Math.max(0, c.grain(noise, 9, 8, 3) - 0.6);
        c.height = (float) (c.height * (1 - 0.6 * cover) + cover * (0.008 + 0.004 * peel + 0.02 * run));
        c.cover(cover * 0.97, 0.40f, 0.43f, 0.44f);
        c.shade(1 - cover + cover * (0.75 + 0.45 * peel));
        c.wet = (float) (c.wet * (1 - cover) + 0.8 * cover);
    }

    private static void coupling(Cell c, Thing t, Noise noise) {
        double off = c.station - t.at();
        double wobble = 0.004 * (c.rim(noise, 24, t.at(), 3) - 0.5);
        switch (t.sort()) {
            case "banded" -> {
                // Between the two pipe ends its rubber shows as a black, ribbed ring.
                double at = Math.abs(off) + wobble;
                if (at < 0.075) {
                    c.height = (float) (-0.022 + 0.004 * Math.cos(off * 240));
                    c.colour(0.030f, 0.030f, 0.033f);
                    c.shade(0.8 + 0.5 * Math.cos(off * 240));
                    c.wet = 0.55f;
                } else if (at < 0.095) {
                    c.cover(0.7, c.red * 1.5f + 0.06f, c.green * 1.5f + 0.06f, c.blue * 1.5f + 0.06f);
                }
            }
            case "glued" -> {
                double drip = Math.max(0, c.rim(noise, 43, t.at() + 4, 3) - 0.4);
                double primer = Painter.within(off < 0 ? -off : off * 0.5, 0.03 + 0.22 * drip, 0.02);
                c.cover(0.62 * primer, 0.26f, 0.17f, 0.40f);
                double bead = Painter.within(Math.abs(off), 0.012, 0.006);
                c.height = (float) (bead > 0.5 ? 0.010 : Math.max(c.height, 0));
                c.cover(bead, 0.42f, 0.36f, 0.50f);
                c.wet = (float) Math.max(c.wet, 0.85 * primer);
            }
            default -> {
                // A socket: the next length sits in the wider end of this one.
                if (off > -0.10 && off < 0) {
                    c.height = (float) (-0.034 + wobble);
                    c.shade(off > -0.02 ? 0.25 : 0.62);
                } else if (off >= 0 && off < 0.02) {
                    c.cover(0.6, c.red * 1.5f + 0.04f, c.green * 1.5f + 0.03f, c.blue * 1.5f + 0.02f);
                }
            }
        }
    }

    private static void repair(Cell c, Thing t, Noise noise) {
        double off = c.station - t.at();
        double around = c.across(t.turn());
        double size = 0.10 + 0.28 * t.amount();
        if (t.sort().equals("sheet")) {
            sheet(c, off, around, size, noise);
            return;
        }
        double lump = c.grain(noise, 5, 4);
        double edge = Math.hypot(off, around * 0.8) - size * (0.6 + 0.8 * lump);
        double cover = Math.clamp(-edge / 0.03, 0, 1);
        double trowel = c.grain(noise, 9, 3);
        c.height += (float) (cover * (0.018 + 0.03 * lump));
        c.cover(cover, 0.42f, 0.415f, 0.39f);
        c.shade(1 - cover + cover * (0.6 + 0.7 * trowel));
        c.wet = (float) (c.wet * (1 - cover) + 0.15 * cover);
    }

    /** A sheet of metal bent into the pipe and held by screws, with rust at its edges. */
    private static void sheet(Cell c, double off, double around, double size, Noise noise) {
        double edge = Math.max(Math.abs(off) - size * 1.1, Math.abs(around) - size * 1.2);
        double ragged = 0.004 * c.grain(noise, 9, 2);
        if (edge + ragged > 0.02) {
            return;
        }
        if (edge + ragged > 0) {
            c.cover(0.75, 0.34f, 0.15f, 0.06f);
            return;
        }
        double brushed = c.grain(noise, 1.2, 2);
        c.height = (float) (0.014 + 0.006 * Math.sin(off * 30) * 0.3);
        c.colour(0.44f, 0.46f, 0.47f);
        c.shade(0.7 + 0.6 * brushed);
        c.wet = 0.95f;
        double screw = Math.hypot(Math.abs(off) - size * 0.85, Math.abs(around) - size * 0.9);
        if (screw < 0.028) {
            c.height += 0.012f;
            c.colour(0.20f, 0.19f, 0.18f);
            c.shade(screw < 0.008 ? 0.3 : 1.2);
        }
        c.cover(Painter.within(-edge, 0.05, 0.05) * 0.5 * brushed, 0.36f, 0.17f, 0.07f);
    }
}
