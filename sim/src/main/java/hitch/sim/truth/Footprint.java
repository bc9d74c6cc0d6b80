package hitch.sim.truth;

import hitch.sim.body.Bodies;
import hitch.sim.body.Body;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.List;

/** Where a thing is: places on it, three floats each, right and up from the middle of the pipe and its station, as seen with the flow. */
final class Footprint {
    private static final int ALONG = 14;
    private static final int AROUND = 28;
    private static final double ALL = Math.PI;

    private final Scenario scenario;
    private final Bore bore;
    private final Skin skin;

    Footprint(Scenario scenario, Bore bore, Skin skin) {
        this.scenario = scenario;
        this.bore = bore;
        this.skin = skin;
    }

    /** @param moved how far it has been shoved from its place, feet */
    List<float[]> of(Thing t, double moved) {
        List<float[]> points = new ArrayList<>();
        for (Body body : Bodies.of(scenario.withThings(List.of(t)), bore)) {
            body.strands().forEach(s -> add(points, s.points(), body.thing().at() + moved));
            body.sheets().stream()
                    .limit(t.is(Kind.PLUG) ? 2 : 40)
                    .forEach(s -> add(points, s.points(), body.thing().at() + moved));
        }
        if (points.isEmpty()) {
            patch(t, points);
        }
        return points;
    }

    private static void add(List<float[]> to, float[] points, double at) {
        int step = Math.max(3, points.length / 90 / 3 * 3);
        for (int i = 0; i < points.length; i += step) {
            to.add(new float[] {points[i], points[i + 1], (float) (points[i + 2] + at)});
        }
    }

    private void patch(Thing t, List<float[]> points) {
        double[] reach = reach(t);
        for (int i = 0; i < ALONG; i++) {
            double station = reach[0] + (reach[1] - reach[0]) * (i + 0.5) / ALONG;
            float radius = bore.radius(station);
            for (int k = 0; k < AROUND; k++) {
                double angle = reach[2] + reach[3] * (2.0 * (k + 0.5) / AROUND - 1);
                double turn = (angle % (2 * Math.PI) + 2 * Math.PI) % (2 * Math.PI);
                float r = radius - Math.max(-0.02f, skin.height(bore.row(station), (float) turn)) - 0.004f;
                points.add(new float[] {(float) (Math.sin(angle) * r), (float) (Math.cos(angle) * r), (float) station});
            }
        }
    }

    /** From where to where it lies along the pipe, about which angle, and how far to each side, feet and radians. */
    private double[] reach(Thing t) {
        double r = bore.radius(t.at());
        double half = t.amount() / 24;
        double turn = t.turn();
        return switch (t.kind()) {
            case CRACK ->
                t.sort().equals("round")
                        ? new double[] {t.at() - 0.05, t.at() + 0.05, turn, 2.4}
                        : new double[] {
                            t.at(),
                            t.end().orElse(t.at() + 1.2),
                            turn,
                            (t.sort().equals("along") ? 0.05 : 0.3) / r
                        };
            case BREAK, HOLE -> new double[] {t.at() - half, t.at() + half, turn, Math.min(ALL, half / r)};
            case TIE_IN ->
                new double[] {t.at() - half - 0.05, t.at() + half + 0.05, turn, Math.min(ALL, (half + 0.05) / r)};
            case GAP -> new double[] {t.at() - 0.02, t.at() + t.amount() / 12 + 0.02, 0, ALL};
            case SOIL -> new double[] {t.at() - 1, t.at() + 1, Math.PI, 1.1};
            case DEBRIS -> new double[] {t.at() - 0.8, t.at() + 0.8, Math.PI, 0.8};
            case SLUDGE, SAG, FLOW ->
                new double[] {t.at() + 0.1, t.to() - 0.1, Math.PI, 0.5 + 1.2 * Math.min(1, t.amount())};
            case BLISTER -> new double[] {t.at() - 0.9 * r, t.at() + 0.9 * r, turn, 0.7};
            case REPAIR -> new double[] {t.at() - 0.2, t.at() + 0.2, turn, Math.min(ALL, 0.25 / r)};
            case SEEP ->
                new double[] {t.at() - 0.1, t.at() + 0.1, Math.PI / 2 * Math.signum(Math.sin(turn) + 1e-9), 1.4};
            case LIME ->
                new double[] {t.at() - 0.15, t.at() + 0.15, turn, t.sort().equals("crust") ? ALL : 1};
            case OFFSET, COUPLING -> new double[] {t.at() - 0.06, t.at() + 0.1, 0, ALL};
            case BEND -> new double[] {t.at(), bore.endOf(t), 0, ALL};
            case VENT -> new double[] {bore.start(), bore.start() + 0.05, 0, ALL};
            case MAIN -> new double[] {bore.end() - 0.05, bore.end(), 0, ALL};
            default -> new double[] {t.at(), Math.max(t.to(), t.at() + 0.05), 0, ALL};
        };
    }
}
