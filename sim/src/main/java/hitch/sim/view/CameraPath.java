package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Noise;
import hitch.sim.scene.Act;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;

/** How the head moves: eased between the stands of a take, with the jerks of a cable pushed by hand. */
public final class CameraPath {
    /** The skid holds the lens a little under an inch and a half above the bottom, feet. */
    private static final double SKID = 0.118;

    /** It climbs onto what lies there over so much, feet, and keeps its lens so far above it. */
    private static final double OVER = 0.5;

    private static final double CLEAR = 0.03;
    /** The share of a bore that a head still rides over. */
    private static final double HIGHEST = 0.4;

    private final Take take;
    private final List<Thing> lying;
    private final Noise noise;

    public CameraPath(Scenario scenario, Take take) {
        this.take = take;
        this.lying = scenario.things().stream()
                .filter(t -> t.isOn(take) && (t.is(Kind.SLUDGE) || t.is(Kind.SOIL)))
                .toList();
        this.noise = new Noise(scenario.seed() + take.file().hashCode());
    }

    /** Cable paid out at second {@code t}, feet. */
    public double cable(double t) {
        return cable(take, t);
    }

    static double cable(Take take, double t) {
        List<Take.Stand> path = take.path();
        int i = 1;
        while (i < path.size() - 1 && path.get(i).t() < t) {
            i++;
        }
        Take.Stand a = path.get(i - 1);
        Take.Stand b = path.get(i);
        double share = Math.clamp((t - a.t()) / (b.t() - a.t()), 0, 1);
        // Mostly even pushing, with soft starts and stops.
        double eased = 0.75 * share + 0.25 * share * share * (3 - 2 * share);
        return a.ft() + (b.ft() - a.ft()) * eased;
    }

    /** Feet a second, more than nothing on the way out. */
    public double speed(double t) {
        return (cable(t + 0.05) - cable(t - 0.05)) / 0.1;
    }

    /** True station of the head, feet. */
    public double station(double t) {
        return take.sign() * cable(t);
    }

    /** How high the lens is held above the bottom, feet: by its skid, or in the middle by the guide. */
    double height(Bore bore, double t) {
        double guide = take.reached(Act.GUIDE, t, 0);
        double middle = bore.radius(station(t));
        double low = Math.max(Math.min(SKID, middle * 0.72), lifted(bore, station(t)));
        return low + (middle - low) * guide;
    }

    /** How high the head rides on what lies on the bottom, feet. */
    private double lifted(Bore bore, double station) {
        double most = 0;
        for (Thing thing : lying) {
            double from = Math.clamp((station - thing.at() + OVER) / OVER, 0, 1);
            double to = Math.clamp((thing.to() + OVER - station) / OVER, 0, 1);
            double share = Math.min(HIGHEST, thing.amount()) * Math.min(from, to);
            most = Math.max(most, share > 0 ? Bore.heightOf(share, bore.radius(station)) + CLEAR : 0);
        }
        return most;
    }

    /** Sway of the head, feet sideways and up. */
    private float[] sway(Bore bore, double t) {
        float moving = (float) (Math.min(1, 0.25 + Math.abs(speed(t))) * Math.min(1, bore.radius(station(t)) * 6));
        return new float[] {
            0.026f * moving * (noise.rough((float) t * 0.9f, 1, 0, 2) - 0.5f),
            0.014f * moving * (noise.rough((float) t * 1.6f, 9, 0, 2) - 0.5f)
        };
    }

    /** Turn of the head: yaw and pitch and roll, radians. */
    public float[] turn(double t) {
        float moving = (float) Math.min(1, 0.3 + Math.abs(speed(t)));
        return new float[] {
            0.20f * moving * (noise.rough((float) t * 0.55f, 21, 0, 3) - 0.5f),
            0.06f + 0.14f * moving * (noise.rough((float) t * 0.7f, 33, 0, 3) - 0.5f),
            0.34f * (noise.rough((float) cable(t) * 0.16f, 47, 0, 2) - 0.5f)
                    + 0.06f * (noise.rough((float) t * 0.8f, 51, 0, 2) - 0.5f)
                    - (float) Math.toRadians(take.reached(Act.ROLL, t, 0))
        };
    }

    /** The lens at a second. */
    public Lens lens(Bore bore, double t) {
        return new Lens(bore, station(t), take.sign(), height(bore, t), sway(bore, t), turn(t));
    }
}
