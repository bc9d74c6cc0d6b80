package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.scene.Act;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;

/** How deep the water is, by place and moment of a take. Feet above the bottom. */
public final class WaterLevel {
    /** How fast a flush comes down the pipe, feet a second. */
    private static final double WAVE = 1.6;
    /** A stretch of running water rises and falls over this length at its ends, feet. */
    private static final double SHORE = 1.2;

    private final Scenario scenario;
    private final Bore bore;
    private final Take take;
    private final List<Thing> waters;

    public WaterLevel(Scenario scenario, Bore bore, Take take) {
        this.scenario = scenario;
        this.bore = bore;
        this.take = take;
        this.waters = scenario.things().stream()
                .filter(t -> (t.is(Kind.SAG) || t.is(Kind.FLOW)) && t.isOn(take))
                .toList();
    }

    public double at(double station, double t) {
        double depth = 0;
        double high = 2 * bore.radius(station);
        for (Thing water : waters) {
            depth = Math.max(depth, high * share(water, station, t));
        }
        return Math.max(depth, high * flush(station, t));
    }

    private double share(Thing water, double station, double t) {
        double from = station - water.at();
        double to = water.to() - station;
        if (from <= 0 || to <= 0) {
            return 0;
        }
        double length = water.to() - water.at();
        if (water.is(Kind.FLOW)) {
            return water.amount() * take.reached(Act.WATER, t, 1) * Math.min(1, Math.min(from, to) / SHORE);
        }
        if (water.sort().equals("held")) {
            // Its surface is level, so it is deepest where it is held back.
            return water.amount() * Math.min(1, from / length) * Math.min(1, to / 0.05);
        }
        double u = 2 * from / length - 1;
        return water.amount() * (1 - u * u);
    }

    private double flush(double station, double t) {
        double most = 0;
        for (hitch.sim.scene.Deed deed : take.does()) {
            if (deed.what() == Act.FLUSH && t >= deed.t()) {
                double front = scenario.pipes().getFirst().from() + (t - deed.t()) * WAVE;
                double behind = front - station;
                if (behind > 0) {
                    double rise = Math.min(1, behind / 0.5);
                    most = Math.max(most, deed.amount() * rise * Math.exp(-behind / 7));
                }
            }
        }
        return most;
    }

    /** The depths ahead of a lens at a moment, so that rays can ask often. */
    static final class Ahead {
        private static final int PER_FOOT = 40;
        private static final double BEHIND = 1;
        private final float[] depth;
        private final double from;
        private final float deepest;

        Ahead(WaterLevel level, double station, int sign, double reach, double t) {
            from = sign > 0 ? station - BEHIND : station - reach;
            depth = new float[(int) ((reach + BEHIND) * PER_FOOT) + 1];
            float most = 0;
            for (int i = 0; i < depth.length; i++) {
                depth[i] = (float) level.at(from + (double) i / PER_FOOT, t);
                most = Math.max(most, depth[i]);
            }
            deepest = most;
        }

        boolean isDry() {
            return deepest == 0;
        }

        /** No water stands higher above the bottom than this, feet. */
        float deepest() {
            return deepest;
        }

        float at(double station) {
            float x = Math.max(0, Math.min((float) ((station - from) * PER_FOOT), depth.length - 1.001f));
            int i = (int) x;
            return depth[i] + (depth[i + 1] - depth[i]) * (x - i);
        }
    }
}
