package hitch.sim.body;

import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Roots, grown from the joint they come through until they cover the share of the bore that was asked for. */
final class Roots {
    private static final int MOST = 3200;
    private static final int STEPS = 10;
    private static final float[] PALE = {0.95f, 0.78f, 0.54f};
    private static final float[] DARK = {0.30f, 0.18f, 0.095f};

    /** How a sort of root grows. */
    private record Habit(double spread, double reach, float fine, double stout, float hang, float curl) {
        static Habit of(Thing t) {
            return switch (t.sort()) {
                case "hair" -> new Habit(0.35 + 1.1 * t.amount(), 0.8, 0.0009f, 0, 0.03f, 0.34f);
                case "mass" -> new Habit(2.4, 1.0, 0.0016f, 0.10, 0.05f, 0.34f);
                case "hangers" -> new Habit(3.0, 0.30, 0.0030f, 0.35, 0.10f, 0.10f);
                default -> new Habit(0.25 + 1.3 * t.amount(), 0.9, 0.0016f, 0.07, 0.06f, 0.28f);
            };
        }
    }

    private Roots() {}

    static Body grow(Thing thing, float radius, Random random) {
        Habit habit = Habit.of(thing);
        Coverage coverage = new Coverage(radius);
        List<Body.Strand> strands = new ArrayList<>();
        float about = about(thing, radius);
        while (coverage.share() < thing.amount() && strands.size() < MOST) {
            Body.Strand strand = strand(thing, radius, habit, random);
            strands.add(strand);
            coverage.add(strand.points(), about);
        }
        return new Body(thing, strands, List.of());
    }

    /** How far round a point of a strand nothing is seen through, feet. */
    static float about(Thing thing, float radius) {
        return radius * (thing.sort().equals("hair") ? 0.016f : 0.010f);
    }

    private static Body.Strand strand(Thing thing, float radius, Habit habit, Random random) {
        double angle = thing.turn() + Math.clamp(random.nextGaussian() * 0.5, -1.4, 1.4) * habit.spread();
        float reach = (float)
                (radius * (0.25 + habit.reach() * (0.35 + 1.1 * thing.amount())) * (0.25 + 1.1 * random.nextFloat()));
        float x = (float) Math.sin(angle) * radius * 1.02f;
        float y = (float) Math.cos(angle) * radius * 1.02f;
        float z = (float) random.nextGaussian() * 0.018f;
        float dx = -(float) Math.sin(angle) * 0.7f + (float) random.nextGaussian() * 0.28f;
        float dy = -(float) Math.cos(angle) * 0.7f + (float) random.nextGaussian() * 0.24f;
        // Roots trail with the flow.
        float dz = 0.22f + (float) random.nextGaussian() * 0.33f;
        float[] points = new float[(STEPS + 1) * 3];
        for (int k = 0; k <= STEPS; k++) {
            points[k * 3] = x;
            points[k * 3 + 1] = y;
            points[k * 3 + 2] = z;
            dx += (float) random.nextGaussian() * habit.curl();
            dy += (float) random.nextGaussian() * habit.curl() - habit.hang();
            dz += (float) random.nextGaussian() * habit.curl() * 0.8f + 0.02f;
            float step = reach / STEPS / ((float) Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-6f);
            float nextX = x + dx * step;
            float nextY = y + dy * step;
            if (Math.hypot(nextX, nextY) < radius * 1.02f) {
                x = nextX;
                y = nextY;
            } else {
                dx = -dx * 0.4f;
                dy = -dy * 0.4f;
            }
            z += dz * step;
        }
        boolean stout = random.nextDouble() < habit.stout();
        float thick = stout ? 0.005f + random.nextFloat() * 0.008f : habit.fine() * (0.8f + random.nextFloat() * 0.9f);
        float pale = random.nextFloat() * random.nextFloat();
        float[] colour = new float[3];
        for (int i = 0; i < 3; i++) {
            colour[i] = DARK[i]
                    + (PALE[i] - DARK[i]) * (thing.sort().equals("hair") ? 0.35f + 0.65f * pale : 0.1f + 0.9f * pale);
        }
        return new Body.Strand(points, thick, colour);
    }
}
