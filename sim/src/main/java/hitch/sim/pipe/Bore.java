package hitch.sim.pipe;

import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;

/** The pipe's geometry: where its axis runs, how wide it is, how it bends. Feet throughout. */
public final class Bore {
    /** Profile and wall are kept in rows, so many to a foot: rays ask for them millions of times a frame. */
    public static final int PER_FOOT = 128;
    /** Rows reach so far before and beyond the pipe, feet. */
    private static final double MARGIN = 1.5;
    /** An offset is taken back over this length of pipe, feet. */
    private static final double RETURN = 5;
    /** A change of size is a short cone, feet. */
    private static final double CONE = 0.1;

    private final Scenario scenario;
    private final double start;
    private final double end;
    private final TreeMap<Double, float[]> settle = new TreeMap<>();
    private final double origin;
    private final float[] axisX;
    private final float[] axisY;
    private final float[] radii;
    private final float[] curveX;
    private final float[] curveY;

    public Bore(Scenario scenario) {
        this.scenario = scenario;
        this.start = scenario.pipes().getFirst().from();
        this.end = scenario.pipes().getLast().to();
        settleJoints();
        this.origin = start - MARGIN;
        int rows = (int) Math.ceil((end + MARGIN - origin) * PER_FOOT);
        axisX = new float[rows];
        axisY = new float[rows];
        radii = new float[rows];
        curveX = new float[rows];
        curveY = new float[rows];
        List<Thing> offsets = scenario.things(Kind.OFFSET);
        List<Thing> bends = scenario.things(Kind.BEND);
        for (int i = 0; i < rows; i++) {
            double station = stationOf(i);
            layAxis(i, station, offsets);
            radii[i] = radiusAt(station);
            bend(i, station, bends);
        }
    }

    /** The row of a station, with what it lies past it; the nearest row outside the pipe. */
    public float row(double station) {
        return Math.max(1, Math.min((float) ((station - origin) * PER_FOOT), radii.length - 3));
    }

    int rows() {
        return radii.length;
    }

    double stationOf(int row) {
        return origin + (double) row / PER_FOOT;
    }

    public double start() {
        return start;
    }

    public double end() {
        return end;
    }

    /** Every length of pipe lies a little off its neighbour; there is a joint wherever something comes in by one. */
    private void settleJoints() {
        Random random = new Random(scenario.seed() * 31 + 5);
        settle.put(start - 100, new float[2]);
        for (Scenario.Pipe pipe : scenario.pipes()) {
            float play = pipe.joints() > 6 ? 0.0015f : 0.006f;
            for (double at = pipe.from(); at < pipe.to(); at += pipe.joints()) {
                settle.put(
                        at, new float[] {(float) random.nextGaussian() * play, (float) random.nextGaussian() * play});
            }
        }
        scenario.things().stream()
                .filter(Bore::needsJoint)
                .sorted(Comparator.comparingDouble(Thing::at))
                .forEach(t -> settle.putIfAbsent(t.at(), new float[2]));
    }

    private static boolean needsJoint(Thing thing) {
        return switch (thing.kind()) {
            case ROOTS, OFFSET, GAP, COUPLING, SEEP -> true;
            default -> false;
        };
    }

    private void layAxis(int row, double station, List<Thing> offsets) {
        float[] own = settle.floorEntry(Math.max(station, start - 50)).getValue();
        double x = own[0];
        double y = own[1];
        for (Thing offset : offsets) {
            double past = station - offset.at();
            if (past >= 0 && past < RETURN) {
                double step = offset.amount() / 12 * (1 - past / RETURN);
                x += Math.sin(offset.turn()) * step;
                y += Math.cos(offset.turn()) * step;
            }
        }
        axisX[row] = (float) (x + 0.02 * Math.sin(station * 0.21 + scenario.seed() % 7));
        axisY[row] = (float) y;
    }

    private float radiusAt(double station) {
        float own = scenario.pipeAt(station).size() / 24f;
        float before = scenario.pipeAt(station - CONE).size() / 24f;
        if (own == before) {
            return own;
        }
        double into = CONE;
        for (double d = 0; d < CONE; d += CONE / 8) {
            if (scenario.pipeAt(station - d).size() / 24f != own) {
                into = d;
                break;
            }
        }
        return before + (own - before) * (float) (into / CONE);
    }

    private void bend(int row, double station, List<Thing> bends) {
        for (Thing bend : bends) {
            double angle = Math.toRadians(bend.amount());
            double length = endOf(bend) - bend.at();
            if (station >= bend.at() && station < bend.at() + length) {
                float curve = (float) (angle / length);
                switch (bend.sort()) {
                    case "right" -> curveX[row] += curve;
                    case "left" -> curveX[row] -= curve;
                    case "up" -> curveY[row] += curve;
                    default -> curveY[row] -= curve;
                }
            }
        }
    }

    /** Where a bend ends; if that was not said, after a sweep of one and a half bores. */
    public double endOf(Thing bend) {
        return bend.end().orElse(bend.at() + Math.max(0.3, Math.toRadians(bend.amount()) * radiusAt(bend.at()) * 3));
    }

    /** The axis at a station: x to the right, y up, as seen with the flow. */
    public void axis(double station, float[] out) {
        int row = (int) row(station);
        out[0] = axisX[row];
        out[1] = axisY[row];
    }

    /** Rows by row: what rays ask for most. The arrays are the bore's own and must not be changed. */
    public record Profile(float[] axisX, float[] axisY, float[] radius) {}

    public Profile profile() {
        return new Profile(axisX, axisY, radii);
    }

    /** The axis at a row, to the right. */
    public float rowAxisX(int row) {
        return axisX[row];
    }

    /** The axis at a row, upward. */
    public float rowAxisY(int row) {
        return axisY[row];
    }

    public float rowRadius(int row) {
        return radii[row];
    }

    /** How sharply it bends to the right at a row, radians a foot. */
    public float curveX(int row) {
        return curveX[row];
    }

    /** How sharply it bends upward at a row, radians a foot. */
    public float curveY(int row) {
        return curveY[row];
    }

    /** Where each joint lies. */
    public List<Double> joints() {
        return List.copyOf(settle.tailMap(start, true).keySet());
    }

    /** How far the nearest joint lies, feet; more than nothing past it. */
    double toJoint(double station) {
        Double before = settle.floorKey(station);
        Double after = settle.ceilingKey(station);
        double past = before == null || before < start ? 100 : station - before;
        double ahead = after == null ? 100 : after - station;
        return past <= ahead ? past : -ahead;
    }

    public float radius(double station) {
        return radii[(int) row(station)];
    }

    /** Whether it bends anywhere between two stations. */
    public boolean bends(double from, double to) {
        int low = (int) row(Math.min(from, to));
        int high = (int) row(Math.max(from, to));
        return Arrays.stream(new float[][] {curveX, curveY}).anyMatch(c -> {
            for (int i = low; i <= high; i++) {
                if (c[i] != 0) {
                    return true;
                }
            }
            return false;
        });
    }

    /** The share of a bore of this radius that lies below a height above its bottom, both feet. */
    public static double shareBelow(double height, double radius) {
        double d = Math.clamp((radius - height) / radius, -1, 1);
        return (Math.acos(d) - d * Math.sqrt(1 - d * d)) / Math.PI;
    }

    /** How high a share of a bore reaches, feet above its bottom; the inverse of {@link #shareBelow}. */
    public static double heightOf(double share, double radius) {
        double low = 0;
        double high = 2 * radius;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (shareBelow(middle, radius) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
