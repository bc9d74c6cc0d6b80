package hitch.core.gauge;

import java.util.Optional;
import java.util.Random;

/** Lays a circle through the edges that agree on one, whatever else is there (random samples, then least squares). */
final class RingFit {
    private static final int TRIES = 200;
    /** What lies no farther off is on it: sheet pixels, and share of the radius. */
    private static final double NEAR = 1.4;

    private static final double NEAR_SHARE = 0.018;

    /** The circle is laid ever closer, so that of two rims side by side it takes one. */
    private static final double[] NARROWING = {1.5, 1.1, 0.8, 0.6};

    private final RingEdges edges;
    private final double cx;
    private final double cy;
    private final double r;
    private final Random random = new Random(7);
    /** What is looked for lies behind this one and is only seen within it. */
    private final Optional<Circle> behind;

    RingFit(RingEdges edges, double cx, double cy, double r) {
        this(edges, cx, cy, r, Optional.empty());
    }

    RingFit(RingEdges edges, double cx, double cy, double r, Optional<Circle> behind) {
        this.behind = behind;
        this.edges = edges;
        this.cx = cx;
        this.cy = cy;
        this.r = r;
    }

    /**
     * A circle in sheet pixels.
     *
     * @param seen share of the rays within the picture that cross an edge on it
     * @param chance share of them that would if edges lay anywhere
     * @param spread middle distance of what is on it, pixels
     */
    record Circle(double x, double y, double r, double seen, double chance, double spread) {
        /** Beyond chance, 0 to 1. */
        double beyond() {
            return Math.max(0, (seen - chance) / (1 - Math.min(0.9, chance)));
        }
    }

    /**
     * @param used edges that are not to be taken
     * @param farOff how far its middle may lie off the guess's, share of the radius
     * @param smallest,largest radius, share of the guess's
     */
    Optional<Circle> best(boolean[] used, double farOff, double smallest, double largest) {
        int[] free = new int[edges.count];
        int n = 0;
        for (int i = 0; i < edges.count; i++) {
            if (!used[i]) {
                free[n++] = i;
            }
        }
        if (n < 12) {
            return Optional.empty();
        }
        double[] best = null;
        double most = 0;
        for (int t = 0; t < TRIES; t++) {
            double[] c = through(free[random.nextInt(n)], free[random.nextInt(n)], free[random.nextInt(n)]);
            if (c == null || !isNear(c, farOff, smallest, largest)) {
                continue;
            }
            double score =
                    behind.isPresent() ? agreeing(c, used) * rated(c, used).beyond() : agreeing(c, used);
            if (score > most) {
                most = score;
                best = c;
            }
        }
        for (int i = 0; i < NARROWING.length && best != null; i++) {
            double[] next = squares(best, used, NARROWING[i]);
            if (next == null || !isNear(next, farOff, smallest, largest)) {
                break;
            }
            best = next;
        }
        return best == null ? Optional.empty() : Optional.of(rated(best, used));
    }

    private boolean isNear(double[] c, double farOff, double smallest, double largest) {
        return c[2] > smallest * r && c[2] < largest * r && Flat.length(c[0] - cx, c[1] - cy) < farOff * r;
    }

    private double tolerance(double radius) {
        return NEAR + NEAR_SHARE * radius;
    }

    private double[] through(int i, int j, int k) {
        double ax = edges.x[j] - edges.x[i];
        double ay = edges.y[j] - edges.y[i];
        double bx = edges.x[k] - edges.x[i];
        double by = edges.y[k] - edges.y[i];
        double d = 2 * (ax * by - ay * bx);
        if (Math.abs(d) < r * r * 0.05) {
            return null;
        }
        double a = ax * ax + ay * ay;
        double b = bx * bx + by * by;
        double x = (by * a - ay * b) / d;
        double y = (ax * b - bx * a) / d;
        return new double[] {edges.x[i] + x, edges.y[i] + y, Flat.length(x, y)};
    }

    /** How many rays agree, sharp ones more. */
    private double agreeing(double[] c, boolean[] used) {
        double near = tolerance(c[2]);
        double low = (c[2] - near) * (c[2] - near);
        double high = (c[2] + near) * (c[2] + near);
        double sum = 0;
        double most = 0;
        int ray = -1;
        for (int i = 0; i < edges.count; i++) {
            if (edges.ray[i] != ray) {
                sum += most;
                most = 0;
                ray = edges.ray[i];
            }
            if (!used[i]) {
                double dx = edges.x[i] - c[0];
                double dy = edges.y[i] - c[1];
                double square = dx * dx + dy * dy;
                if (square > low && square < high) {
                    double off = Math.abs(Math.sqrt(square) - c[2]);
                    most = Math.max(most, (1 - 0.5 * off / near) * edges.sharp[i]);
                }
            }
        }
        return sum + most;
    }

    /** Least squares of x² + y² + D x + E y + F = 0 over what is near. */
    private double[] squares(double[] c, boolean[] used, double share) {
        double near = share * tolerance(c[2]);
        double[][] m = new double[3][4];
        int n = 0;
        for (int i = 0; i < edges.count; i++) {
            double px = edges.x[i] - c[0];
            double py = edges.y[i] - c[1];
            double off = Math.abs(Flat.length(px, py) - c[2]);
            if (used[i] || off > near) {
                continue;
            }
            double w = edges.sharp[i] * (1 - off / near);
            double[] row = {px, py, 1, -(px * px + py * py)};
            for (int a = 0; a < 3; a++) {
                for (int b = 0; b < 4; b++) {
                    m[a][b] += w * row[a] * row[b];
                }
            }
            n++;
        }
        double[] k = n < 10 ? null : Solved.of(m).orElse(null);
        if (k == null) {
            return null;
        }
        double x = -k[0] / 2;
        double y = -k[1] / 2;
        double square = x * x + y * y - k[2];
        return square <= 0 ? null : new double[] {c[0] + x, c[1] + y, Math.sqrt(square)};
    }

    private Circle rated(double[] c, boolean[] used) {
        double near = tolerance(c[2]);
        double[] hit = new double[RingEdges.RAYS];
        double off = 0;
        int on = 0;
        double free = 0;
        for (int i = 0; i < edges.count; i++) {
            free += used[i] ? 0 : edges.sharp[i];
            double d = Math.abs(Flat.length(edges.x[i] - c[0], edges.y[i] - c[1]) - c[2]);
            if (!used[i] && d < near) {
                hit[edges.ray[i]] = Math.max(hit[edges.ray[i]], edges.sharp[i] * (1 - 0.5 * d / near));
                off += d;
                on++;
            }
        }
        int rays = 0;
        double seen = 0;
        for (int a = 0; a < hit.length; a++) {
            if (edges.open[a] && isShown(c, a)) {
                rays++;
                seen += hit[a];
            }
        }
        double each = free / (double) RingEdges.RAYS;
        double chance = 1 - Math.exp(-each * 2 * near / ((RingEdges.TO - RingEdges.FROM) * r));
        double share = rays < hit.length / 5 ? 0 : seen / rays;
        return new Circle(c[0], c[1], c[2], share, chance, on == 0 ? near : off / on);
    }

    /** Whether a circle's place on a ray is not hidden by what it lies behind; a hair's breadth within it nothing can be told apart. */
    private boolean isShown(double[] c, int ray) {
        if (behind.isEmpty()) {
            return true;
        }
        double dx = Math.cos(2 * Math.PI * ray / RingEdges.RAYS);
        double dy = Math.sin(2 * Math.PI * ray / RingEdges.RAYS);
        // Where the ray out of the guess's middle meets the circle.
        double ox = cx - c[0];
        double oy = cy - c[1];
        double b = ox * dx + oy * dy;
        double root = b * b - (ox * ox + oy * oy - c[2] * c[2]);
        if (root <= 0) {
            return false;
        }
        double d = -b + Math.sqrt(root);
        Circle front = behind.get();
        return Flat.length(cx + dx * d - front.x(), cy + dy * d - front.y()) < front.r() - 1.6;
    }

    /** Marks what lies on a circle as used. */
    void use(Circle c, boolean[] used) {
        double near = tolerance(c.r());
        for (int i = 0; i < edges.count; i++) {
            used[i] |= Math.abs(Flat.length(edges.x[i] - c.x(), edges.y[i] - c.y()) - c.r()) < near;
        }
    }

    /** Marks what lies outside a circle as used. */
    void useOutside(Circle c, boolean[] used) {
        for (int i = 0; i < edges.count; i++) {
            used[i] |= Flat.length(edges.x[i] - c.x(), edges.y[i] - c.y()) > c.r();
        }
    }
}
