package hitch.sim.body;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Noise;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Makes the bodies of a scenario. */
public final class Bodies {
    /** What lies on the bottom takes no more of the bore than this; beyond it stands as a lump across. */
    private static final double LOOSE = 0.5;

    private static final float[] BROWN = {0.15f, 0.105f, 0.06f};
    private static final float[] OFF_WHITE = {0.56f, 0.54f, 0.47f};
    private static final float[] CLOTH = {0.60f, 0.60f, 0.57f};

    private Bodies() {}

    /** Everything of a scenario that stands in the bore. */
    public static List<Body> of(Scenario scenario, Bore bore) {
        List<Body> bodies = new ArrayList<>();
        for (Thing thing : scenario.things()) {
            Random random = new Random(scenario.seed() * 131 + Math.round(thing.at() * 1000));
            body(thing, bore, random, bodies);
        }
        return bodies;
    }

    /** The share of the bore that what stands in it covers, seen along the pipe; nothing for what is part of the wall. */
    public static double covered(Scenario scenario, Bore bore, Thing thing) {
        Coverage coverage = new Coverage(bore.radius(thing.at()));
        for (Body body : of(scenario.withThings(List.of(thing)), bore)) {
            coverage.add(body);
        }
        return coverage.share();
    }

    private static void body(Thing t, Bore bore, Random random, List<Body> bodies) {
        float radius = bore.radius(t.at());
        switch (t.kind()) {
            case ROOTS -> bodies.add(Roots.grow(t, radius, random));
            case WIPES -> {
                List<Body.Sheet> sheets = new ArrayList<>(Cloth.wipes(t, radius, random, CLOTH));
                if (t.amount() > LOOSE) {
                    sheets.addAll(Lump.across(t.amount(), radius, 0.5f, new Noise(random.nextLong()), CLOTH, 0.25f));
                }
                bodies.add(new Body(t, List.of(), sheets));
            }
            case PAPER -> {
                List<Body.Sheet> sheets = new ArrayList<>(Cloth.paper(t, radius, random, OFF_WHITE));
                if (t.amount() > LOOSE) {
                    sheets.addAll(Lump.across(t.amount(), radius, 0.4f, new Noise(random.nextLong()), OFF_WHITE, 0.2f));
                }
                bodies.add(new Body(t, List.of(), sheets));
            }
            case PLUG ->
                bodies.add(new Body(t, List.of(), Lump.soft(t.amount(), radius, new Noise(random.nextLong()), BROWN)));
            case SOIL, SLUDGE -> {
                if (t.amount() > LOOSE) {
                    double middle = (t.at() + t.to()) / 2;
                    bodies.add(new Body(
                            new Thing(t.kind(), middle, middle, t.clock(), t.amount(), t.sort(), t.only()),
                            List.of(),
                            Lump.across(t.amount(), radius, 0.4f, new Noise(random.nextLong()), BROWN, 0.3f)));
                }
            }
            default -> {}
        }
    }
}
