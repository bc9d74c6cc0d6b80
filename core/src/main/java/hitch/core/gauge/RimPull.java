package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Pulls a ring that a hand laid through places of a rim onto the edge that the picture shows there: a hand is off by a pixel or two,
 * and the rim is seen at hundreds of places. Where no edge runs along it, it stays where the hand laid it.
 */
final class RimPull {
    private static final int RAYS = 120;
    private static final double[] COS = new double[RAYS];
    private static final double[] SIN = new double[RAYS];

    static {
        for (int a = 0; a < RAYS; a++) {
            COS[a] = Math.cos(turn(a));
            SIN[a] = Math.sin(turn(a));
        }
    }

    /** How far the middle and the radius may be off where a hand pointed, sheet pixels, and where none did. */
    private static final double HAND_REACH = 4;

    private static final double REACH = 6;
    private static final double COARSE = 1;

    private static final double STEP = 0.5;
    private static final double FINE = 0.125;
    /** A slope is taken over so many steps to either side. */
    private static final int OVER = 2;
    /** A hand is off by so much, sheet pixels: farther off an edge must be the clearer. */
    private static final double HAND = 1.6;
    /** What being off by as much weighs against how clear the edge is, share of the clearest there could be. */
    private static final double HAND_WEIGHT = 0.1;
    /** An edge along the ring is one where it is so much clearer than the wall is rough. */
    private static final double CLEAR = 0.22;
    /** The steepest slopes count alike from here on, of ten. */
    private static final int FULL = 8;
    /** Beyond the places of an arc so much more of the rim is looked at, radians. */
    private static final double BESIDE_ARC = 0.35;
    /** Places that leave so much of the round without one show an arc, radians. */
    private static final double ARC = 3.6;

    private final Sheet sheet;
    /** Where the hand pointed, radians round the ring; none where no hand did. */
    private final double[] turns;

    private final double wide;
    /** Which way the light changes, where that is known. */
    private final double sign;

    private final double x;
    private final double y;
    private final double r;
    private final int reach;
    private final double[][] slopes = new double[RAYS][];

    private RimPull(Sheet sheet, RingFit.Circle laid, double wide, double sign, List<double[]> places) {
        this.sheet = sheet;
        x = laid.x();
        y = laid.y();
        r = laid.r();
        this.wide = wide;
        this.sign = sign;
        this.turns = places.stream()
                .mapToDouble(p -> Math.atan2(p[1] - y, p[0] - x))
                .sorted()
                .toArray();
        reach = (int) Math.round((3 * wide + 2) / STEP);
    }

    /**
     * The ring through places of a rim, pulled onto its edge.
     *
     * @param places pixels of the picture, three at least
     * @return empty where they lie on a line
     */
    static Optional<Ring> through(GreyPicture picture, LensView lens, double[] way, List<double[]> places) {
        return Caliper.ring(lens, way, places).map(ring -> {
            Sheet sheet = Sheet.of(picture, Aligned.along(lens, way));
            List<double[]> on = places.stream()
                    .map(p -> sheet.aligned().flat(p[0], p[1]))
                    .map(f ->
                            new double[] {f[0] * sheet.scale() + sheet.middleX(), f[1] * sheet.scale() + sheet.middleY()
                            })
                    .toList();
            RingFit.Circle laid = new RingFit.Circle(
                    ring.u() * sheet.scale() + sheet.middleX(),
                    ring.v() * sheet.scale() + sheet.middleY(),
                    ring.r() * sheet.scale(),
                    1,
                    0,
                    0);
            return RingFinder.ring(sheet, new RimPull(sheet, laid, HAND_REACH, 0, on).pulled());
        });
    }

    /**
     * A circle that lies about an edge, on it.
     *
     * @param sign above nothing where it is darker inside, below where it is brighter
     */
    static RingFit.Circle onto(Sheet sheet, RingFit.Circle about, double sign) {
        return new RimPull(sheet, about, REACH, sign, List.of()).pulled();
    }

    private RingFit.Circle pulled() {
        boolean[] looked = arc();
        for (int a = 0; a < RAYS; a++) {
            slopes[a] = looked[a] ? slopes(turn(a)) : null;
        }
        level();
        double[] at = best(new double[3], wide, COARSE);
        for (double step = COARSE / 2; step >= FINE; step /= 2) {
            at = best(at, 2 * step, step);
        }
        return clear(at) < CLEAR
                ? new RingFit.Circle(x, y, r, 1, 0, 0)
                : new RingFit.Circle(x + at[0], y + at[1], r + at[2], 1, 0, 0);
    }

    /** The shift of middle and radius within reach that lies along the clearest edge, weighed against how far the hand is off. */
    private double[] best(double[] from, double wide, double step) {
        double[] best = from;
        double most = worth(from);
        int n = (int) Math.round(wide / step);
        for (int i = -n; i <= n; i++) {
            for (int j = -n; j <= n; j++) {
                for (int k = -n; k <= n; k++) {
                    double[] at = {from[0] + i * step, from[1] + j * step, from[2] + k * step};
                    double worth = worth(at);
                    if (worth > most) {
                        most = worth;
                        best = at;
                    }
                }
            }
        }
        return best;
    }

    private double worth(double[] at) {
        double hand = 0;
        for (double turn : turns) {
            double off = off(at, turn) / HAND;
            hand += off * off / turns.length;
        }
        return clear(at) - HAND_WEIGHT * hand;
    }

    private double clear(double[] at) {
        double along = along(at);
        return sign == 0 ? Math.abs(along) : Math.signum(sign) * along;
    }

    /** How clear an edge runs along a shifted ring: -1 to 1, below nothing where it is darker outside. */
    private double along(double[] at) {
        double sum = 0;
        int n = 0;
        for (int a = 0; a < RAYS; a++) {
            if (slopes[a] == null) {
                continue;
            }
            double i = (at[2] + at[0] * COS[a] + at[1] * SIN[a]) / STEP + reach;
            int low = (int) Math.floor(i);
            if (low < 0 || low + 1 >= slopes[a].length) {
                return 0;
            }
            sum += slopes[a][low] + (slopes[a][low + 1] - slopes[a][low]) * (i - low);
            n++;
        }
        return n == 0 ? 0 : sum / n;
    }

    /** How far a shifted ring lies outside the hand's on a ray, to the first order. */
    private static double off(double[] at, double turn) {
        return at[2] + at[0] * Math.cos(turn) + at[1] * Math.sin(turn);
    }

    private double[] slopes(double turn) {
        int n = 2 * reach + 1;
        double[] light = new double[n + 2 * OVER];
        for (int i = 0; i < light.length; i++) {
            double d = r + (i - OVER - reach) * STEP;
            light[i] = Math.exp(sheet.at(x + Math.cos(turn) * d, y + Math.sin(turn) * d));
        }
        double[] slope = new double[n];
        for (int i = 0; i < n; i++) {
            double sum = 0;
            for (int k = 1; k <= OVER; k++) {
                sum += light[i + OVER + k] - light[i + OVER - k];
            }
            double share = sum / light[light.length / 2];
            // Beyond the picture's border nothing is seen.
            slope[i] = Double.isNaN(share) ? 0 : share;
        }
        return slope;
    }

    /** What is steep counts alike, so that a glint does not outweigh the rest of the rim. */
    private void level() {
        double[] steepest = Arrays.stream(slopes)
                .filter(s -> s != null)
                .mapToDouble(s -> Arrays.stream(s).map(Math::abs).max().orElse(0))
                .sorted()
                .toArray();
        double full = Math.max(1e-6, steepest[steepest.length * FULL / 10]);
        for (double[] ray : slopes) {
            for (int i = 0; ray != null && i < ray.length; i++) {
                ray[i] = Math.clamp(ray[i] / full, -1, 1);
            }
        }
    }

    /** The rays that are looked at: all of them, or about the places where those lie on an arc. */
    private boolean[] arc() {
        boolean[] looked = new boolean[RAYS];
        if (turns.length == 0) {
            Arrays.fill(looked, true);
            return looked;
        }
        double widest = 0;
        double after = 0;
        for (int i = 0; i < turns.length; i++) {
            double next = i + 1 < turns.length ? turns[i + 1] : turns[0] + 2 * Math.PI;
            if (next - turns[i] > widest) {
                widest = next - turns[i];
                after = next;
            }
        }
        double round = 2 * Math.PI - widest + 2 * BESIDE_ARC;
        for (int a = 0; a < RAYS; a++) {
            double on = ((turn(a) - after + BESIDE_ARC) % (2 * Math.PI) + 4 * Math.PI) % (2 * Math.PI);
            looked[a] = widest < ARC || on <= round;
        }
        return looked;
    }

    private static double turn(int ray) {
        return 2 * Math.PI * ray / RAYS;
    }
}
