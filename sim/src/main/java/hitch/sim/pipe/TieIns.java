package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** Where another pipe comes in: a clean branch, one whose joint leaks, or a hole that was knocked into the wall. */
final class TieIns implements Painter {
    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        double half = t.amount() / 24;
        double off = c.station - t.at();
        double across = c.across(t.turn());
        double grain = c.grain(noise, 9, 4);
        boolean broken = t.sort().equals("broken in");
        double ragged = broken ? half * 0.75 * (grain - 0.5) : 0;
        double reach = Math.hypot(off * 0.92, across) + ragged;
        if (t.sort().equals("leaking")) {
            stain(c, off, across, t, half, grain);
        }
        if (reach < half) {
            inside(c, reach / half);
            return;
        }
        double past = reach - half;
        if (broken) {
            chipped(c, past, off, across, half, grain);
        } else {
            double rim = Painter.within(past, 0.032, 0.012);
            c.height = (float) Math.max(c.height, 0.010 * rim);
            c.cover(0.5 * rim, c.red * 1.4f + 0.05f, c.green * 1.4f + 0.05f, c.blue * 1.4f + 0.04f);
            c.shade(1 - 0.55 * Painter.within(Math.abs(past - 0.034), 0.006, 0.005));
        }
    }

    /** The branch's own bore: its depth is dark. */
    private static void inside(Cell c, double reach) {
        c.height = (float) (-0.34 * (1 - reach * reach));
        float tone = (c.red + c.green + c.blue) / 3;
        c.cover(
                0.85,
                0.4f * c.red + 0.6f * tone * 1.25f,
                0.4f * c.green + 0.6f * tone,
                0.4f * c.blue + 0.6f * tone * 0.8f);
        c.cover(0.6, 0.24f, 0.20f, 0.16f);
        c.wet = 0.3f;
    }

    private static void chipped(Cell c, double past, double off, double across, double half, double grain) {
        double chip = Painter.within(past, 0.05 + 0.05 * grain, 0.03);
        c.height -= (float) (0.022 * chip * grain);
        c.cover(0.8 * chip, 0.62f, 0.42f, 0.29f);
        // The other pipe's end juts into the bore on one side.
        double jut = Painter.within(past, 0.045, 0.012) * Math.clamp(0.3 + across / half, 0, 1);
        c.height += (float) (0.085 * jut);
        if (jut > 0.3) {
            c.colour(0.58f, 0.58f, 0.53f);
            c.shade(0.7 + 0.5 * grain);
        }
        double ray = Math.abs(Math.IEEEremainder(Math.atan2(across, off) * 5 / Math.PI + grain, 1));
        double crack = past < half * 1.3 ? Painter.within(ray * past, 0.006, 0.005) * (1 - past / (half * 1.3)) : 0;
        c.shade(1 - 0.85 * crack);
    }

    /** What has come out round a branch that is not tight: lime and rust below it, and a wet run to the bottom. */
    private static void stain(Cell c, double off, double across, Thing t, double half, double grain) {
        double below = -Math.signum(Math.sin(t.turn() - 1e-9)) * -across;
        double run = Painter.within(Math.abs(off), half * (0.35 + 0.75 * grain), half * 0.4)
                * Math.clamp(below / half, 0, 1);
        c.cover(0.75 * run * grain, 0.66f, 0.56f, 0.42f);
        c.shade(1 - 0.45 * run * (1 - grain));
        c.wetten(run);
        double collar = Painter.within(Math.hypot(off, across) - half, 0.07 + 0.06 * grain, 0.05);
        c.cover(0.8 * collar * grain, 0.70f, 0.66f, 0.57f);
        c.height += (float) (0.018 * collar * grain);
    }
}
