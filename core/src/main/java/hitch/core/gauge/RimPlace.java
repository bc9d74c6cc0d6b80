package hitch.core.gauge;

import java.util.Arrays;

/**
 * Where a rim lies, finer than it is found. It is found in the logarithm of the light, so that it counts the same far from the lamp and
 * near it; there a blurred edge seems to lie in what is darker, where the little light that it spreads weighs most. It truly lies
 * where the light itself changes fastest.
 */
final class RimPlace {
    private static final int RAYS = 240;
    /** How far off the edge may lie, sheet pixels. */
    private static final double REACH = 2.5;

    private static final double STEP = 0.25;
    /** A slope is taken over so many steps to either side. */
    private static final int OVER = 4;
    /** Edges so far off the circle that most agree on are another thing's, sheet pixels; it is laid ever closer. */
    private static final double[] NARROWING = {1.8, 1.0, 0.7};
    /** Of the steepest edges so many of ten rays count less than fully. */
    private static final int FULL = 7;

    private static final int FEWEST = 40;

    private final Sheet sheet;
    private final double[] x = new double[RAYS];
    private final double[] y = new double[RAYS];
    private final double[] sharp = new double[RAYS];

    private RimPlace(Sheet sheet) {
        this.sheet = sheet;
    }

    /** The same circle where the light changes fastest; itself where too little of it is seen. */
    static RingFit.Circle of(Sheet sheet, RingFit.Circle found) {
        return new RimPlace(sheet).laid(found);
    }

    private RingFit.Circle laid(RingFit.Circle found) {
        RingFit.Circle circle = found;
        for (double near : NARROWING) {
            look(circle);
            double[] c = squares(circle, near);
            boolean strayed = c == null
                    || Math.abs(c[2] - found.r()) > REACH
                    || Flat.length(c[0] - found.x(), c[1] - found.y()) > REACH;
            if (strayed) {
                return circle;
            }
            circle = new RingFit.Circle(c[0], c[1], c[2], found.seen(), found.chance(), found.spread());
        }
        return circle;
    }

    /** The steepest edge of each ray, darker or brighter inward as most of the circle is. */
    private void look(RingFit.Circle c) {
        int n = 2 * (int) (REACH / STEP + OVER) + 1;
        double[][] lines = new double[RAYS][n];
        double brighter = 0;
        for (int a = 0; a < RAYS; a++) {
            double dx = Math.cos(turn(a));
            double dy = Math.sin(turn(a));
            for (int i = 0; i < n; i++) {
                double d = c.r() + (i - n / 2) * STEP;
                lines[a][i] = Math.exp(sheet.at(c.x() + dx * d, c.y() + dy * d));
            }
            double in = lines[a][n / 2 - OVER];
            double out = lines[a][n / 2 + OVER];
            double slope = (out - in) / (out + in);
            brighter += Double.isNaN(slope) ? 0 : slope;
        }
        for (int a = 0; a < RAYS; a++) {
            steepest(c, lines[a], a, Math.signum(brighter));
        }
        double[] sorted = sharp.clone();
        Arrays.sort(sorted);
        double full = Math.max(1e-9, sorted[RAYS * FULL / 10]);
        for (int a = 0; a < RAYS; a++) {
            sharp[a] = Math.min(1, sharp[a] / full);
        }
    }

    private void steepest(RingFit.Circle c, double[] line, int a, double sign) {
        int middle = line.length / 2;
        double[] slope = new double[line.length];
        for (int i = OVER; i < line.length - OVER; i++) {
            double sum = 0;
            for (int k = 1; k <= OVER; k++) {
                sum += line[i + k] - line[i - k];
            }
            slope[i] = Double.isNaN(sum) ? 0 : sign * sum / line[middle];
        }
        sharp[a] = 0;
        for (int i = OVER + 1; i < line.length - OVER - 1; i++) {
            if (slope[i] > sharp[a] && slope[i] >= slope[i - 1] && slope[i] > slope[i + 1]) {
                double bend = slope[i - 1] - 2 * slope[i] + slope[i + 1];
                double between = bend == 0 ? 0 : 0.5 * (slope[i - 1] - slope[i + 1]) / bend;
                double at = c.r() + (i - middle + between) * STEP;
                x[a] = c.x() + at * Math.cos(turn(a));
                y[a] = c.y() + at * Math.sin(turn(a));
                sharp[a] = slope[i];
            }
        }
    }

    private static double turn(int ray) {
        return 2 * Math.PI * ray / RAYS;
    }

    /** Middle and radius that the edges near a circle agree on: one step of Gauss and Newton. */
    private double[] squares(RingFit.Circle c, double near) {
        double[][] m = new double[3][4];
        int n = 0;
        for (int a = 0; a < RAYS; a++) {
            double px = x[a] - c.x();
            double py = y[a] - c.y();
            double far = Flat.length(px, py);
            double off = far - c.r();
            if (sharp[a] <= 0 || Math.abs(off) > near) {
                continue;
            }
            double w = sharp[a] * (1 - 0.7 * Math.abs(off) / near);
            double[] row = {px / far, py / far, 1, off};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 4; j++) {
                    m[i][j] += w * row[i] * row[j];
                }
            }
            n++;
        }
        double[] k = n < FEWEST ? null : Solved.of(m).orElse(null);
        return k == null ? null : new double[] {c.x() + k[0], c.y() + k[1], c.r() + k[2]};
    }
}
