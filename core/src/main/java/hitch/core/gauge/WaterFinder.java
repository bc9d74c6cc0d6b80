package hitch.core.gauge;

import java.util.Optional;

/**
 * Finds the edges of standing or running water: two lines on the wall that run to where the pipe goes, level with each other,
 * across which the light changes the same way all along.
 */
final class WaterFinder {
    private static final int TURNS = 360;
    private static final double NEAREST = 0.16;
    private static final double FARTHEST = 0.75;
    /** Water is level; so far may a picture be turned against it, radians. */
    private static final double MOST_ROLL = 0.35;

    private static final double LIKELY = 0.45;
    private static final double CERTAIN = 0.85;

    private final Sheet sheet;
    private final double middleX;
    private final double middleY;
    private final double[] same = new double[TURNS];

    private WaterFinder(Sheet sheet, double right, double down) {
        this.sheet = sheet;
        this.middleX = sheet.middleX() - right * sheet.scale();
        this.middleY = sheet.middleY() - down * sheet.scale();
        for (int a = 0; a < TURNS; a++) {
            same[a] = edge(2 * Math.PI * a / TURNS);
        }
    }

    /** @param right,down how far to the left and up of the sheet's middle the pipe goes */
    static Optional<WaterLine> of(Sheet sheet, Eye eye, double right, double down) {
        return new WaterFinder(sheet, right, down).best(eye);
    }

    /** How much of a line is an edge of one kind: 1 where it darkens all along clockwise, -1 where it brightens. */
    private double edge(double turn) {
        double sum = 0;
        double size = 0;
        int n = 0;
        for (double r = NEAREST; r < FARTHEST; r += 0.012) {
            double by = Math.max(0.02, 2.5 / (r * sheet.scale()));
            double near = light(turn - by, r) + light(turn - 2 * by, r) - light(turn + by, r) - light(turn + 2 * by, r);
            double wide = light(turn - 4 * by, r)
                    + light(turn - 5 * by, r)
                    - light(turn + 4 * by, r)
                    - light(turn + 5 * by, r);
            // A line along the wall, as a tide mark is, has the same light on both sides.
            double step = near * wide <= 0 ? 0 : (Math.abs(near) < Math.abs(wide) ? near : wide) / 2;
            if (!Double.isNaN(step)) {
                sum += Math.clamp(step / 0.12, -1, 1);
                size += Math.abs(step);
                n++;
            }
        }
        return n < 12 ? 0 : sum / n * Math.min(1, size / n / 0.05);
    }

    private double light(double turn, double r) {
        return sheet.at(middleX + Math.cos(turn) * r * sheet.scale(), middleY + Math.sin(turn) * r * sheet.scale());
    }

    private Optional<WaterLine> best(Eye eye) {
        WaterLine best = null;
        double most = LIKELY;
        for (int r = -40; r < 88; r++) {
            for (int l = 92; l < 220; l++) {
                // Into the water is clockwise on the right and the other way on the left.
                double right = same[Math.floorMod(r, TURNS)];
                double left = -same[l];
                if (right * left <= 0 || Math.min(Math.abs(right), Math.abs(left)) < 0.6 * most) {
                    continue;
                }
                double both = Math.sqrt(Math.abs(right * left));
                if (both <= most) {
                    continue;
                }
                WaterLine line = WaterLine.between(
                        eye, Math.toRadians(l), Math.toRadians(r), (both - LIKELY) / (CERTAIN - LIKELY));
                if (Math.abs(line.roll()) < MOST_ROLL) {
                    most = both;
                    best = line;
                }
            }
        }
        return Optional.ofNullable(best)
                .map(w -> new WaterLine(w.left(), w.right(), w.depth(), w.roll(), Math.clamp(w.sure(), 0, 1)));
    }
}
