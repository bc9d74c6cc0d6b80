package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** What lies in the pipe and takes room: sludge, grease, soil, gravel and shards. Amounts are shares of the bore. */
final class Fill implements Painter {
    /** What rises no higher than this can be laid on the bottom; more stands at the sides too. */
    private static final double BOTTOM_MOST = 0.44;

    @Override
    public double reach() {
        return 1.4;
    }

    @Override
    public void paint(Cell c, Thing t, Noise noise) {
        switch (t.kind()) {
            case SLUDGE -> sludge(c, t, noise);
            case GREASE -> grease(c, t, noise);
            case SOIL -> soil(c, t, noise);
            default -> debris(c, t, noise);
        }
    }

    /** How full a stretch is at a place: 1 in its middle, falling off over its last {@code taper} feet. */
    private static double along(Cell c, Thing t, double taper) {
        double inside = Math.min(c.station - t.at(), t.to() - c.station);
        return Painter.within(-inside, 0, taper);
    }

    /** How far the wall must stand in for a level fill of this share of the bore, feet; 0 above it. */
    static double level(Cell c, double share) {
        double low = Math.min(share, BOTTOM_MOST);
        double d = c.radius - Bore.heightOf(low, c.radius);
        double down = -c.up();
        double rise = down <= 1e-3 ? 0 : Math.max(0, c.radius - d / down);
        return share <= BOTTOM_MOST ? rise : Math.max(rise, (share - BOTTOM_MOST) * 1.3 * c.radius);
    }

    private static void sludge(Cell c, Thing t, Noise noise) {
        double lump = c.grain(noise, 2.3, 4);
        double h = level(c, t.amount() * along(c, t, 1.2) * (0.8 + 0.4 * lump));
        if (h <= c.height + 0.001) {
            return;
        }
        c.fill(h + 0.006 * (c.grain(noise, 11, 3) - 0.5));
        if (t.sort().equals("black")) {
            c.colour(0.045f, 0.040f, 0.034f);
        } else {
            c.colour(0.20f, 0.185f, 0.15f);
        }
        c.shade(0.65 + 0.7 * lump);
        c.wet = 0.85f;
    }

    private static void grease(Cell c, Thing t, Noise noise) {
        double lump = c.grain(noise, 3.3, 4);
        double fine = c.grain(noise, 15, 3);
        double thick = c.radius * (1 - Math.sqrt(1 - Math.min(0.97, t.amount())));
        boolean block = t.sort().equals("block");
        double where = block ? 1 : 0.62 + 0.75 * Math.pow(Math.max(0, Math.abs(Math.sin(c.angle + 0.25))), 2);
        double h = thick * along(c, t, block ? 0.7 : 1.4) * where * (block ? 0.85 + 0.3 * lump : 0.35 + 1.3 * lump);
        double cover = Math.clamp((h - 0.004) / 0.006, 0, 1);
        if (cover <= 0 || !block && c.fromBottom() < 0.45 && lump < 0.6) {
            return;
        }
        c.fill(Math.min(h + 0.010 * fine, c.radius * 0.98));
        c.cover(cover, 0.66f, 0.60f, 0.43f);
        c.shade(1 - cover + cover * (0.55 + 0.45 * lump + 0.35 * fine));
        c.cover(cover * Math.max(0, 0.45 - lump) * 2, 0.36f, 0.29f, 0.17f);
        c.wet = (float) (c.wet * (1 - cover) + 0.62 * cover);
    }

    private static void soil(Cell c, Thing t, Noise noise) {
        double off = (c.station - t.at()) / 0.75;
        double crumbs = c.grain(noise, 14, 4);
        double lump = c.grain(noise, 2.7, 3);
        double side = 1 + 0.5 * Math.sin(c.angle - Math.PI) * -Math.sin(t.turn());
        double h = level(c, t.amount() * Math.exp(-off * off * 1.6) * side * (0.8 + 0.4 * lump));
        if (h <= c.height + 0.002) {
            return;
        }
        c.fill(h + 0.02 * crumbs);
        Fractures.soil(c, crumbs);
        c.wet = 0.3f;
    }

    private static void debris(Cell c, Thing t, Noise noise) {
        double off = (c.station - t.at()) / 0.5;
        boolean shards = t.sort().equals("shards");
        // Pieces lie beside each other: each cell of the bottom holds one, higher in its middle.
        double scale = shards ? 11 : 20;
        double u = c.station * scale;
        double v = c.across(Math.PI) * scale;
        double piece = 0;
        int owner = 0;
        for (int k = 0; k < 9; k++) {
            int a = (int) Math.floor(u) + k % 3 - 1;
            int b = (int) Math.floor(v) + k / 3 - 1;
            double du = a + 0.2 + 0.6 * noise.at(a, b) - u;
            double dv = b + 0.2 + 0.6 * noise.at(a + 91, b) - v;
            double size = 0.35 + 0.4 * noise.at(a, b + 77);
            double near = 1 - (shards ? Math.max(Math.abs(du + 0.4 * dv), Math.abs(dv)) : Math.hypot(du, dv)) / size;
            if (near > piece) {
                piece = near;
                owner = a * 31 + b;
            }
        }
        double spread = Math.exp(-off * off * 0.8 - Math.pow(c.fromBottom() / (0.75 + 2 * t.amount()), 4));
        double bed = level(c, t.amount() * Math.exp(-off * off * 1.5)) * 0.8;
        if (bed < 0.003 && (piece <= 0 || noise.at(owner, 5) > spread * 1.3)) {
            return;
        }
        c.fill(Math.max(bed, 0) + (shards ? 0.034 : 0.026) * Math.sqrt(Math.max(0, piece)) * Math.min(1, spread * 2));
        float tint = noise.at(owner, 9);
        if (shards) {
            c.colour(0.46f, 0.25f + 0.05f * tint, 0.14f);
            c.shade(0.3 + 1.2 * Math.sqrt(Math.max(0, piece)));
        } else {
            c.colour(0.30f + 0.16f * tint, 0.27f + 0.14f * tint, 0.22f + 0.12f * tint);
            c.shade(0.22 + 1.3 * Math.sqrt(Math.max(0, piece)));
        }
        c.wet = 0.4f;
    }
}
