package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.List;
import java.util.Optional;

/**
 * Measures what a hand points at, by the ring that lies there. Places are pixels from the picture's left and top, {@code {x, y}};
 * lengths are millimetres.
 *
 * @param eye where the lens is
 * @param boreMm width of the pipe, millimetres
 */
public record Caliper(Eye eye, double boreMm) {
    /** A hand points so well, pixels. */
    private static final double HAND = 1.5;

    /** Where the lens lies in the bore is known so well, radii. */
    private static final double LENS_PLACE = 0.08;

    /** A line drawn along the wall is off by so much of the way across besides. */
    private static final double OUTLINE_DRAWN = 0.01;

    private double radius() {
        return boreMm / 2;
    }

    private Aligned aligned() {
        return Aligned.along(eye.lens(), eye.way());
    }

    /** The ring through places of a rim, three at least; empty where they lie on a line. */
    public static Optional<Ring> ring(LensView lens, double[] way, List<double[]> places) {
        if (places.size() < 3) {
            return Optional.empty();
        }
        Aligned aligned = Aligned.along(lens, way);
        double[][] m = new double[3][4];
        for (double[] p : places) {
            double[] f = aligned.flat(p[0], p[1]);
            double[] row = {f[0], f[1], 1, -(f[0] * f[0] + f[1] * f[1])};
            for (int a = 0; a < 3; a++) {
                for (int b = 0; b < 4; b++) {
                    m[a][b] += row[a] * row[b];
                }
            }
        }
        return Solved.of(m).flatMap(k -> {
            double u = -k[0] / 2;
            double v = -k[1] / 2;
            double square = u * u + v * v - k[2];
            return square <= 0 || square > 25
                    ? Optional.empty()
                    : Optional.of(new Ring(u, v, Math.sqrt(square), 1, 1, 0));
        });
    }

    /** The ring through places of a rim, laid onto the edge that the picture shows there: a hand is off by a pixel or two. */
    public static Optional<Ring> pulled(GreyPicture picture, LensView lens, double[] way, List<double[]> places) {
        return RimPull.through(picture, lens, way, places);
    }

    /** Step and gap between two rims that were set by hand. */
    public JointGauge joint(Ring near, Ring far) {
        return JointGauge.of(new JointRings(near, Optional.of(far)), radius(), Sheet.scale(eye.lens()), true);
    }

    /** How long something is along the wall, from place to place of a line drawn over it. */
    public Measured length(List<double[]> line) {
        double sum = 0;
        double error = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += place(line.get(i - 1)).to(place(line.get(i)));
        }
        if (line.size() > 1) {
            error = Math.hypot(slack(line.getFirst()), slack(line.getLast()));
        }
        return new Measured(sum * radius(), Math.hypot(error * radius(), 0.06 * sum * radius()), 1);
    }

    /** How far round it goes, as hours of the clock: from and to, clockwise, the short way. */
    public double[] clocks(double[] from, double[] to) {
        Eye.Place a = place(from);
        Eye.Place b = place(to);
        boolean clockwise = Math.IEEEremainder(b.round() - a.round(), 2 * Math.PI) >= 0;
        return clockwise ? new double[] {a.clock(), b.clock()} : new double[] {b.clock(), a.clock()};
    }

    private Eye.Place place(double[] p) {
        return eye.wall(p[0], p[1]);
    }

    /** How far a place moves along the wall when a hand is off by as much as hands are, radii. */
    private double slack(double[] p) {
        Eye.Place here = place(p);
        return Math.max(here.to(eye.wall(p[0] + HAND, p[1])), here.to(eye.wall(p[0], p[1] + HAND)));
    }

    /** Depth of water whose edges on the wall two places show, left and right. */
    public Measured water(double[] left, double[] right) {
        WaterLine line = line(left, right);
        double most = 0;
        for (double d : new double[] {-HAND, HAND}) {
            most = Math.max(
                    most,
                    Math.abs(line(new double[] {left[0], left[1] + d}, right).depth() - line.depth()));
            most = Math.max(
                    most,
                    Math.abs(line(left, new double[] {right[0], right[1] + d}).depth() - line.depth()));
        }
        return new Measured(line.depth() * radius(), Math.hypot(2 * most, LENS_PLACE) * radius(), 1);
    }

    /** The water line through two places. */
    public WaterLine line(double[] left, double[] right) {
        double[] l = aligned().flat(left[0], left[1]);
        double[] r = aligned().flat(right[0], right[1]);
        return WaterLine.between(eye, Math.atan2(l[1], l[0]), Math.atan2(r[1], r[0]), 1);
    }

    /**
     * Share of the bore that is taken where a ring lies.
     *
     * @param painted whether a pixel was painted over
     */
    public Share share(Ring ring, Painted painted) {
        int in = 0;
        int taken = 0;
        int steps = 160;
        for (int j = 0; j < steps; j++) {
            for (int i = 0; i < steps; i++) {
                double x = (i + 0.5) / steps * 2 - 1;
                double y = (j + 0.5) / steps * 2 - 1;
                if (x * x + y * y < 1) {
                    double[] p = aligned().pixel(ring.u() + x * ring.r(), ring.v() + y * ring.r());
                    in++;
                    taken += painted.at(p[0], p[1]) ? 1 : 0;
                }
            }
        }
        double share = (double) taken / in;
        // A rim a pixel off changes the whole by twice as much of its radius, what was painted likewise.
        double rim = HAND / (ring.r() * eye.lens().focal());
        return new Share(share, Math.min(0.5, 0.015 + 3 * rim * Math.max(0.3, share)));
    }

    /**
     * A share of the bore.
     *
     * @param share 0 to 1
     * @param error to either side: the truth lies outside one time in ten
     */
    public record Share(double share, double error) {}

    /** What was painted over. */
    public interface Painted {
        boolean at(double x, double y);
    }

    /**
     * How round the pipe is: its longest and its shortest way across, as shares of the mean one, through places of its outline,
     * five at least.
     */
    public Optional<double[]> across(List<double[]> outline) {
        double[] u = new double[outline.size()];
        double[] v = new double[outline.size()];
        for (int i = 0; i < u.length; i++) {
            double[] f = aligned().flat(outline.get(i)[0], outline.get(i)[1]);
            u[i] = f[0];
            v[i] = f[1];
        }
        if (u.length < 5) {
            return Optional.empty();
        }
        return Ellipse.through(u, v).map(e -> {
            double mean = Math.sqrt(e.a() * e.b());
            return new double[] {e.a() / mean, e.b() / mean};
        });
    }

    /** By how much the shortest way across is less than a round pipe's, through places of its outline, five at least. */
    public Optional<Share> outOfRound(List<double[]> outline) {
        double near = outline.stream()
                .mapToDouble(p -> {
                    double[] f = aligned().flat(p[0], p[1]);
                    return Math.hypot(f[0], f[1]);
                })
                .average()
                .orElse(1);
        return across(outline)
                .map(a -> new Share(
                        Math.clamp(1 - Math.min(a[0], a[1]), 0, 1),
                        OUTLINE_DRAWN + 2 * HAND / (near * eye.lens().focal())));
    }
}
