package hitch.core.gauge;

import java.util.List;
import java.util.Optional;

/** How what lies on the sheet across the pipe shows on the picture. */
final class Pictured {
    private static final int POINTS = 48;

    /** An edge is shown between these, units of the sheet. */
    private static final double INNER = 0.14;

    private static final double OUTER = 0.7;

    private Pictured() {}

    static List<double[]> edge(Aligned aligned, double turn) {
        return List.of(
                aligned.pixel(Math.cos(turn) * INNER, Math.sin(turn) * INNER),
                aligned.pixel(Math.cos(turn) * OUTER, Math.sin(turn) * OUTER));
    }

    /** A ring: nearly an ellipse, whatever the lens does to it. */
    static Optional<Ellipse> of(Aligned aligned, Ring ring) {
        double[] px = new double[POINTS];
        double[] py = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            double angle = 2 * Math.PI * i / POINTS;
            double[] p = aligned.pixel(ring.u() + ring.r() * Math.cos(angle), ring.v() + ring.r() * Math.sin(angle));
            px[i] = p[0];
            py[i] = p[1];
        }
        return Ellipse.through(px, py);
    }
}
