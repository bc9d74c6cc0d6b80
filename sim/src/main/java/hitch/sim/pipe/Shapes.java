package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** Where the wall itself has moved: steps that catch things, flattened pipe, blisters. */
final class Shapes implements Painter {
    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        switch (t.kind()) {
            case DEFORMATION -> deformation(c, t, noise);
            case BLISTER -> blister(c, t, noise);
            default -> offset(c, t, noise);
        }
    }

    private static void offset(Cell c, Thing t, Noise noise) {
        double off = c.station - t.at();
        if (Math.abs(off) < 0.04) {
            c.shade(0.62);
        }
        if (!t.sort().equals("catching")) {
            return;
        }
        double reach = Math.hypot((off + 0.06) / 0.17, c.across(Math.PI) / 0.14);
        if (reach < 1) {
            double lump = c.grain(noise, 15, 4);
            double sheet = c.grain(noise, 5, 2);
            c.fill(0.075 * (1 - reach * reach) * (0.35 + lump));
            c.colour(0.52f, 0.50f, 0.44f);
            c.shade(0.35 + 0.75 * lump + 0.3 * sheet);
            c.wet = 0.3f;
        }
    }

    /** The crown, or another side, has come in: as an oval, or as a fold with an edge. */
    private static void deformation(Cell c, Thing t, Noise noise) {
        double inside = Math.min(c.station - t.at(), t.to() - c.station);
        double length = Math.max(0.2, t.to() - t.at());
        double along = Painter.within(-inside, 0.12, 0.35 + 0.1 * length);
        double around = Math.IEEEremainder(c.angle - t.turn(), 2 * Math.PI);
        if (t.sort().equals("sharp")) {
            double fold = Math.max(0, 1 - Math.abs(around) / 0.75);
            double h = t.amount() * 2 * c.radius * along * Math.pow(fold, 1.25);
            c.height += (float) Math.min(h, 1.5 * c.radius);
            double crease = Painter.within(Math.abs(around), 0.06, 0.05) * along;
            c.cover(0.5 * crease, c.red * 1.6f + 0.05f, c.green * 1.6f + 0.05f, c.blue * 1.6f + 0.05f);
            double edges = Painter.within(Math.abs(Math.abs(around) - 0.75), 0.07, 0.06) * along;
            c.shade(1 - 0.75 * edges * Math.min(1, t.amount() * 4));
        } else {
            double flat = Math.pow(Math.cos(around), 2);
            double wider = Math.pow(Math.sin(around), 2);
            c.height += (float) (t.amount() * c.radius * along * (flat - 0.5 * wider));
            // Where it bends most it is strained.
            double strain = Painter.within(Math.abs(Math.abs(around) - Math.PI / 2), 0.16, 0.14) * along * t.amount();
            c.cover(0.5 * strain, c.red * 1.5f + 0.03f, c.green * 1.5f + 0.03f, c.blue * 1.5f + 0.03f);
        }
    }

    private static void blister(Cell c, Thing t, Noise noise) {
        double wide = 0.55 * c.radius + 0.25 * c.radius * t.amount();
        double share = t.amount() * Math.PI * c.radius * c.radius;
        double high = Math.min(1.5 * c.radius, share / (1.15 * wide));
        double off = Math.hypot((c.station - t.at()) / (wide * 1.5), c.across(t.turn()) / wide);
        double dome = off < 1.6 ? Math.pow(Math.max(0, Math.cos(Math.min(Math.PI / 2, off * 0.98))), 1.4) : 0;
        double skin = c.grain(noise, 5, 3);
        c.height += (float) (high * dome * (0.92 + 0.16 * skin));
        c.shade(1 + 0.5 * dome * skin);
        c.wetten(0.85 * dome);
        c.shade(1 - 0.55 * Painter.within(Math.abs(off - 1.25), 0.3, 0.25));
        if (t.sort().equals("burst")) {
            double tear = Math.abs(c.across(t.turn()) - 0.10 * wide * Math.sin(c.station * 21)) / wide;
            double open = Painter.within(tear, 0.24 * (1 - off), 0.05);
            c.height -= (float) (0.6 * high * open);
            c.shade(1 - 0.85 * open);
            c.cover(
                    0.6 * Painter.within(Math.abs(tear - 0.24 * (1 - off)), 0.05, 0.04) * (off < 1 ? 1 : 0),
                    0.30f,
                    0.24f,
                    0.19f);
        }
    }
}
