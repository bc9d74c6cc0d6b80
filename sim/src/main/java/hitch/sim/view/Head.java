package hitch.sim.view;

import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;

/** What the camera's head has done to things that stand in its way, up to a moment of a take. */
public final class Head {
    /** What is shoved lies so far before the lens, feet. */
    private static final double BEFORE = 0.45;
    /** A soft plug falls apart within so many seconds. */
    private static final double FALLS = 0.8;

    private final Scenario scenario;
    private final Take take;

    public Head(Scenario scenario, Take take) {
        this.scenario = scenario;
        this.take = take;
    }

    /** How far the head had come along the way of this take up to a second, in feet of that way. */
    private double reached(double t) {
        double most = Double.NEGATIVE_INFINITY;
        for (Take each : scenario.clips()) {
            boolean now = each.file().equals(take.file());
            if (!each.aboveGround() && each.sign() == take.sign()) {
                double until = now ? t : Double.POSITIVE_INFINITY;
                most = Math.max(
                        most,
                        each.path().stream()
                                .filter(s -> s.t() <= until)
                                .mapToDouble(Take.Stand::ft)
                                .max()
                                .orElse(most));
            }
            if (now) {
                break;
            }
        }
        return Math.max(most, CameraPath.cable(take, t));
    }

    /** Where a thing is by then: what is pushed goes ahead of the head until it is let go. */
    public double station(Thing thing, double t) {
        if (!thing.is(Kind.WIPES, "pushed")) {
            return thing.at();
        }
        double head = reached(t) + BEFORE;
        return take.sign() > 0 ? Math.clamp(head, thing.at(), thing.to()) : -Math.clamp(head, -thing.to(), -thing.at());
    }

    /** How far a plug has fallen apart, 0 whole to 1. */
    public double broken(Thing thing, double t) {
        double way = take.sign() * thing.at() - 0.12;
        if (reached(0) >= way) {
            return 1;
        }
        for (double s = 0; s <= t; s += 0.05) {
            if (CameraPath.cable(take, s) >= way) {
                return Math.min(1, (t - s) / FALLS);
            }
        }
        return 0;
    }
}
