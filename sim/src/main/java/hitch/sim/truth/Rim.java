package hitch.sim.truth;

import hitch.core.gauge.Ellipse;
import hitch.sim.pipe.Bore;
import hitch.sim.view.Frames;
import hitch.sim.view.Lens;
import java.util.Optional;

/**
 * The rim of a joint as the picture shows it: an ellipse.
 *
 * @param stationFt of the joint
 * @param x,y of its middle, pixels from the left and from the top
 * @param a,b longer and shorter half axis, pixels
 * @param turn of the longer axis, degrees clockwise from the picture's right
 * @param boreIn the true bore there, inches: the ruler
 */
public record Rim(double stationFt, double x, double y, double a, double b, double turn, double boreIn) {
    private static final int POINTS = 48;

    /** The rim of a joint; empty if part of it lies behind the lens. */
    static Optional<Rim> of(Bore bore, Lens lens, double joint, int width, int height) {
        Frames frames = new Frames(bore, lens);
        // The rim is that of the length that is seen, which ends there.
        double before = joint - lens.sign() * 0.03;
        float radius = bore.radius(before);
        float[] axis = new float[2];
        bore.axis(before, axis);
        double[] px = new double[POINTS];
        double[] py = new double[POINTS];
        float[] at = new float[3];
        for (int i = 0; i < POINTS; i++) {
            double angle = 2 * Math.PI * i / POINTS;
            frames.place(
                    axis[0] + radius * (float) Math.sin(angle),
                    axis[1] + radius * (float) Math.cos(angle),
                    before,
                    at,
                    0);
            if (!lens.project(at[0], at[1], at[2], width, height, at)) {
                return Optional.empty();
            }
            px[i] = at[0];
            py[i] = at[1];
        }
        return Ellipse.through(px, py)
                .map(e -> new Rim(
                        round(joint),
                        round(e.x()),
                        round(e.y()),
                        round(e.a()),
                        round(e.b()),
                        round(e.turn()),
                        round(radius * 24)));
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
