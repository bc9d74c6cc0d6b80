package hitch.sim;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;

/** The pipe's geometry: where its axis runs, how wide it is, where water stands. Feet throughout. */
final class PipeShape {
    /** How far the connection to the main lets the camera see into the main. */
    static final float MAIN_RADIUS = 0.42f;

    private final Scenario scenario;
    private final double start;
    private final double end;
    private final TreeMap<Double, float[]> settle = new TreeMap<>();

    // The profile at every hundred-and-sixtieth of a foot: rays ask for it millions of times a frame.
    private static final int PER_FOOT = 160;
    private final double origin;
    private final float[] axisX;
    private final float[] axisY;
    private final float[] radii;
    private final float[] waters;

    PipeShape(Scenario scenario) {
        this.scenario = scenario;
        this.start = scenario.pipes().getFirst().from();
        this.end = scenario.pipes().getLast().to();
        settleJoints();
        this.origin = start - 4;
        int rows = (int) Math.ceil((end + 2 - origin) * PER_FOOT);
        axisX = new float[rows];
        axisY = new float[rows];
        radii = new float[rows];
        waters = new float[rows];
        float[] at = new float[2];
        for (int i = 0; i < rows; i++) {
            double station = origin + (double) i / PER_FOOT;
            axisAt(station, at);
            axisX[i] = at[0];
            axisY[i] = at[1];
            radii[i] = scenario.pipeAt(station).size() / 24f;
            waters[i] = waterAt(station);
        }
    }

    private int row(double station) {
        return Math.clamp((int) ((station - origin) * PER_FOOT), 0, radii.length - 1);
    }

    double start() {
        return start;
    }

    double end() {
        return end;
    }

    /** Every length of pipe lies a little off its neighbour; an offset is a length that lies far off. */
    private void settleJoints() {
        Random random = new Random(scenario.seed() * 31 + 5);
        List<Scenario.Feature> offsets = scenario.features().stream()
                .filter(f -> f.kind().equals("offset"))
                .sorted(Comparator.comparingDouble(Scenario.Feature::at))
                .toList();
        settle.put(start - 100, new float[2]);
        for (Scenario.Pipe pipe : scenario.pipes()) {
            float play = pipe.joints() > 6 ? 0.0015f : 0.006f;
            for (double at = pipe.from(); at < pipe.to(); at += pipe.joints()) {
                settle.put(
                        at, new float[] {(float) random.nextGaussian() * play, (float) random.nextGaussian() * play});
            }
        }
        for (Scenario.Feature feature : scenario.features()) {
            if (feature.kind().equals("roots")) {
                // Roots come in at a joint, so there is one.
                settle.put(feature.at(), new float[2]);
            }
        }
        for (Scenario.Feature offset : offsets) {
            double angle = Math.toRadians(offset.clock() * 30);
            float step = (float) (offset.amount() / 12);
            // The length after the joint is shifted; the next joint takes it back.
            settle.put(offset.at(), new float[] {(float) Math.sin(angle) * step, (float) Math.cos(angle) * step});
        }
    }

    /** The axis at a station: x to the right, y up, as seen with the flow. */
    void axis(double station, float[] out) {
        int row = row(station);
        out[0] = axisX[row];
        out[1] = axisY[row];
    }

    private void axisAt(double station, float[] out) {
        float[] own = settle.floorEntry(Math.max(station, start - 50)).getValue();
        out[0] = own[0];
        out[1] = own[1];
        double intoBend = start + 2.6 - station;
        if (intoBend > 0) {
            out[1] += (float) (0.55 * intoBend * intoBend);
        }
        double wander = station * 0.21 + scenario.seed() % 7;
        out[0] += (float) (0.02 * Math.sin(wander));
    }

    /** Where each joint lies. */
    Iterable<Double> joints() {
        return settle.tailMap(start, true).keySet();
    }

    float radius(double station) {
        return radii[row(station)];
    }

    /** Depth of standing water above the bottom, feet. */
    float water(double station) {
        return waters[row(station)];
    }

    private float waterAt(double station) {
        float depth = 0;
        for (Scenario.Feature f : scenario.features()) {
            if (f.kind().equals("water") && station > f.at() && station < f.to()) {
                double toEnd = Math.min(station - f.at(), f.to() - station);
                depth = (float)
                        Math.max(depth, f.amount() * scenario.pipeAt(station).size() / 12f * Math.min(1, toEnd / 1.4));
            }
        }
        return depth;
    }
}
