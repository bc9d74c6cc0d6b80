package hitch.core.gauge;

import hitch.core.footage.Drawn;
import java.util.ArrayList;
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
        List<double[]> round = round(aligned, ring);
        return Ellipse.through(
                round.stream().mapToDouble(p -> p[0]).toArray(),
                round.stream().mapToDouble(p -> p[1]).toArray());
    }

    /** A ring as it is drawn over the picture. */
    static Drawn ring(Aligned aligned, Ring ring) {
        return Drawn.of(
                Drawn.Form.RING,
                round(aligned, ring),
                aligned.lens().width(),
                aligned.lens().height());
    }

    private static List<double[]> round(Aligned aligned, Ring ring) {
        List<double[]> round = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            double angle = 2 * Math.PI * i / POINTS;
            round.add(aligned.pixel(ring.u() + ring.r() * Math.cos(angle), ring.v() + ring.r() * Math.sin(angle)));
        }
        return round;
    }
}
