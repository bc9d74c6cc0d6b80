package hitch.core.eyes;

import hitch.core.gauge.WallBand;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleToLongFunction;

/** A wall of which all is known: a mottled bore with joints at a beat, and what is put on it. */
public final class MadeUpWall {
    public static final double RADIUS = 50.8;
    private static final double FOOT = Distance.MM_PER_FOOT;
    private static final double SLICE = 10;
    private static final int PLAIN = 120;
    private static final int MOTTLED = 5;
    private static final int EVEN = 127;

    private record Odd(double at, int from, int to, int lighter, int redder) {}

    private final Random random;
    private final double joints;
    private final List<Odd> odd = new ArrayList<>();
    private final int[][] mottle;
    private boolean stamped;

    /** @param joints feet from one joint to the next */
    public MadeUpWall(long seed, double joints) {
        this.random = new Random(seed);
        this.joints = joints;
        this.mottle = new int[40_000][];
    }

    /** Something on the wall, a quarter of it round: a hole or a deposit. */
    public MadeUpWall with(double feet, int round, int lighter, int redder) {
        odd.add(new Odd(feet * FOOT, round, round + WallBand.ROUND / 4, lighter, redder));
        return this;
    }

    /** Words are burned into every picture. */
    public MadeUpWall stamped() {
        stamped = true;
        return this;
    }

    /** A look every half an inch of the way. */
    public ClipWall seen(double fromFeet, double toFeet, DoubleToLongFunction pts) {
        List<WallLook> looks = new ArrayList<>();
        for (double feet = fromFeet; feet < toFeet; feet += 0.045) {
            looks.add(new WallLook(pts.applyAsLong(feet), band(feet * FOOT)));
        }
        return new ClipWall(looks);
    }

    private WallBand band(double camera) {
        byte[] light = new byte[WallBand.DEEP * WallBand.ROUND];
        byte[] hue = new byte[WallBand.DEEP * WallBand.HUES * 2];
        Arrays.fill(hue, (byte) EVEN);
        for (int row = 0; row < WallBand.DEEP; row++) {
            double at = camera + WallBand.ahead(row) * RADIUS;
            int[] mottled = mottled((int) (at / SLICE));
            boolean joint = Math.abs(Math.IEEEremainder(at, joints * FOOT)) < 10;
            for (int i = 0; i < WallBand.ROUND; i++) {
                int value = PLAIN - 3 * row + mottled[i] - (joint ? 45 : 0);
                for (Odd o : odd) {
                    if (Math.abs(at - o.at()) < 30 && i >= o.from() && i < o.to()) {
                        value += o.lighter();
                        int h = (row * WallBand.HUES + i * WallBand.HUES / WallBand.ROUND) * 2;
                        hue[h] = (byte) (EVEN + o.redder());
                    }
                }
                light[row * WallBand.ROUND + i] = (byte) (stamped && row < 3 && i > 8 && i < 20 ? 240 : value);
            }
        }
        return new WallBand(light, hue);
    }

    private int[] mottled(int slice) {
        int at = Math.floorMod(slice, mottle.length);
        if (mottle[at] == null) {
            mottle[at] = random.ints(WallBand.ROUND, -MOTTLED, MOTTLED + 1).toArray();
        }
        return mottle[at];
    }
}
