package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** What grows on the wall or is left on it: scale, lime, the line of scum, and water that seeps in. */
final class Crusts implements Painter {
    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        switch (t.kind()) {
            case SCALE -> scale(c, t, noise);
            case LIME -> lime(c, t, noise);
            case SCUM -> scum(c, t, noise);
            default -> seep(c, t, noise);
        }
    }

    private static double along(Cell c, Thing t, double taper) {
        return Painter.within(-Math.min(c.station - t.at(), t.to() - c.station), 0, taper);
    }

    /** Rust stands in from the wall in lumps, black in its hollows. */
    private static void scale(Cell c, Thing t, Noise noise) {
        double inside = along(c, t, 0.8) * t.amount();
        double big = Math.max(0, c.grain(noise, 3.4, 3) - 0.40) * 2.6;
        double small = Math.max(0, c.grain(noise, 11, 4) - 0.42) * 2.4;
        double h = inside * (0.055 * big + 0.030 * small);
        c.height += (float) h;
        double cover = Math.clamp(h / 0.018, 0, 1);
        c.cover(cover, (float) (0.33 + 0.22 * small), (float) (0.145 + 0.10 * small), 0.055f);
        c.shade(1 - 0.5 * cover * Math.clamp(1 - 2 * small, 0, 1));
        c.wet = (float) Math.max(0.12, c.wet * (1 - 0.7 * cover));
    }

    private static void lime(Cell c, Thing t, Noise noise) {
        double off = Math.abs(c.station - t.at());
        double around = Math.abs(c.across(t.turn())) / c.radius;
        double grain = c.grain(noise, 13, 4);
        boolean crust = t.sort().equals("crust");
        double below = crust ? 1 : Painter.within(around, 0.5 + 0.9 * t.amount(), 0.4);
        double run = c.rim(noise, 72, 2.5f, 3);
        double reach = (crust ? 0.16 : 0.05 + 0.22 * Math.max(0, run - 0.35)) * (0.4 + t.amount());
        double cover = Painter.within(off, reach, reach * 0.6) * below * Math.clamp(0.2 + 1.6 * grain, 0, 1);
        c.cover(cover, 0.72f, 0.69f, 0.61f);
        c.height += (float) (cover * (crust ? 0.035 : 0.010) * (0.4 + grain) * (0.4 + t.amount()));
        c.wet = (float) (c.wet * (1 - 0.6 * cover));
    }

    /** The height that the water stood at, left as a grey line on both sides, with a film below it. */
    private static void scum(Cell c, Thing t, Noise noise) {
        double inside = along(c, t, 1);
        double level = 2 * t.amount() - 1 + 0.07 * (noise.rough((float) c.station * 2, 5, 0, 3) - 0.5);
        double above = c.up() - level;
        double flecks = c.grain(noise, 9, 4);
        double line = Math.exp(-Math.pow(above / 0.085, 2)) * Math.clamp(flecks * 3 - 0.5, 0, 1);
        double film = above < 0 ? 0.7 * Math.clamp(-above * 6, 0, 1) * (0.5 + 0.7 * flecks) : 0;
        c.cover(inside * film, 0.22f, 0.19f, 0.14f);
        c.cover(inside * line, 0.60f, 0.54f, 0.40f);
        c.height += (float) (0.012 * inside * line * flecks);
        c.wet = (float) (c.wet * (1 - 0.5 * inside * line));
    }

    /** Ground water comes in by a joint and runs down the wall: dark, wet, shining. */
    private static void seep(Cell c, Thing t, Noise noise) {
        double past = c.station - t.at();
        double side = Math.signum(Math.sin(t.turn()));
        double fromTop = Math.abs(Math.IEEEremainder(c.angle, 2 * Math.PI));
        double starts = Math.abs(Math.IEEEremainder(t.turn(), 2 * Math.PI));
        boolean sideOfIt = side == 0 || Math.signum(Math.sin(c.angle)) == side || fromTop < 0.1;
        if (!sideOfIt || fromTop < starts - 0.12) {
            return;
        }
        double wander = 0.05 * (c.rim(noise, 31, t.at(), 3) - 0.5);
        double wide = 0.05 + 0.24 * t.amount() * Math.clamp((fromTop - starts) / 1.2, 0.15, 1);
        // It comes out of the joint and is drawn a little way with the flow.
        double off = Math.abs(past - 0.4 * wide - wander);
        double film = Painter.within(off, wide, wide * 0.4);
        double ripple = c.grain(noise, 22, 3);
        double rust = Painter.within(off, wide * 1.5, wide) * (0.4 + 0.6 * c.grain(noise, 9, 3));
        c.cover(0.75 * rust * t.amount() * 1.4, 0.40f, 0.20f, 0.07f);
        c.shade(1 - 0.5 * film);
        c.height += (float) (film * 0.010 * ripple);
        c.wetten(film);
    }
}
