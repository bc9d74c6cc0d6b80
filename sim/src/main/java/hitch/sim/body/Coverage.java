package hitch.sim.body;

/** How much of the bore is covered by what stands in it, seen along the pipe. */
final class Coverage {
    private static final int CELLS = 56;

    private final boolean[] covered = new boolean[CELLS * CELLS];
    private final float radius;
    private final int open;
    private int count;

    Coverage(float radius) {
        this.radius = radius;
        int inside = 0;
        for (int i = 0; i < covered.length; i++) {
            inside += isInside(i % CELLS, i / CELLS) ? 1 : 0;
        }
        this.open = inside;
    }

    private static boolean isInside(int x, int y) {
        double ox = (x + 0.5) / CELLS * 2 - 1;
        double oy = (y + 0.5) / CELLS * 2 - 1;
        return ox * ox + oy * oy < 1;
    }

    /** Covers what lies about a point, feet from the middle of the pipe. */
    void add(float x, float y, float about) {
        float cx = (x / radius + 1) / 2 * CELLS;
        float cy = (y / radius + 1) / 2 * CELLS;
        float reach = Math.max(0.5f, about / radius / 2 * CELLS);
        for (int j = (int) (cy - reach); j <= cy + reach; j++) {
            for (int i = (int) (cx - reach); i <= cx + reach; i++) {
                if (i >= 0 && j >= 0 && i < CELLS && j < CELLS && !covered[j * CELLS + i] && isInside(i, j)) {
                    covered[j * CELLS + i] = true;
                    count++;
                }
            }
        }
    }

    /** Covers what a body's strands and sheets lie on. */
    void add(Body body) {
        for (Body.Strand strand : body.strands()) {
            add(strand.points(), Roots.about(body.thing(), radius));
        }
        for (Body.Sheet sheet : body.sheets()) {
            add(sheet.points(), radius * Cloth.ABOUT);
        }
    }

    void add(float[] points, float about) {
        for (int i = 0; i < points.length; i += 3) {
            add(points[i], points[i + 1], about);
        }
    }

    double share() {
        return (double) count / open;
    }
}
