package hitch.sim;

import java.util.List;

/** How the head moves: eased between the stands of a take, with the jerks of a cable pushed by hand. */
final class CameraPath {
    private final List<Scenario.Stand> path;
    private final Noise noise;

    CameraPath(Scenario scenario, Scenario.Take take) {
        this.path = take.path();
        this.noise = new Noise(scenario.seed() + take.file().hashCode());
    }

    /** Cable paid out at second {@code t}, feet. */
    double cable(double t) {
        int i = 1;
        while (i < path.size() - 1 && path.get(i).t() < t) {
            i++;
        }
        Scenario.Stand a = path.get(i - 1);
        Scenario.Stand b = path.get(i);
        double share = Math.clamp((t - a.t()) / (b.t() - a.t()), 0, 1);
        // Mostly even pushing, with soft starts and stops.
        double eased = 0.75 * share + 0.25 * share * share * (3 - 2 * share);
        return a.ft() + (b.ft() - a.ft()) * eased;
    }

    double speed(double t) {
        return (cable(t + 0.05) - cable(t - 0.05)) / 0.1;
    }

    /** Sway of the head, feet sideways and up. */
    void sway(double t, float[] out) {
        float moving = (float) Math.min(1, 0.25 + Math.abs(speed(t)));
        out[0] = 0.026f * moving * (noise.rough((float) t * 0.9f, 1, 0, 2) - 0.5f);
        out[1] = 0.014f * moving * (noise.rough((float) t * 1.6f, 9, 0, 2) - 0.5f);
    }

    /** Turn of the head: yaw and pitch and roll, radians. */
    void turn(double t, float[] out) {
        float moving = (float) Math.min(1, 0.3 + Math.abs(speed(t)));
        out[0] = 0.20f * moving * (noise.rough((float) t * 0.55f, 21, 0, 3) - 0.5f);
        out[1] = 0.06f + 0.14f * moving * (noise.rough((float) t * 0.7f, 33, 0, 3) - 0.5f);
        out[2] = 0.34f * (noise.rough((float) cable(t) * 0.16f, 47, 0, 2) - 0.5f)
                + 0.06f * (noise.rough((float) t * 0.8f, 51, 0, 2) - 0.5f);
    }
}
