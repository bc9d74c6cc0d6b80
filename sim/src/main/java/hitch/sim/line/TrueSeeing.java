package hitch.sim.line;

import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;

/** What of a made-up line was truly gone through, and what of that was seen, by following every trip in small steps. */
public final class TrueSeeing {
    /** Length of pipe judged as one, feet. */
    private static final double STEP = 0.05;
    /** Stations start here, so that steps can be counted from nothing. */
    private static final double LOWEST = -500;

    private static final double SECONDS = 0.04;

    private final Map<String, BitSet> reached = new HashMap<>();
    private final Map<String, BitSet> seen = new HashMap<>();

    public TrueSeeing(LinePlan plan) {
        for (LinePlan.Trip trip : plan.trips()) {
            double before = trip.stationAt(0);
            for (double t = 0; t < trip.seconds(); t += SECONDS) {
                double now = trip.stationAt(t);
                String pipe = plan.pipeAt(trip, (before + now) / 2);
                boolean moves = before != now;
                if (moves) {
                    mark(reached, pipe, before, now);
                }
                if (moves && !trip.isDark(t)) {
                    mark(seen, pipe, before, now);
                }
                before = now;
            }
        }
    }

    private static void mark(Map<String, BitSet> marks, String pipe, double a, double b) {
        int from = (int) Math.floor((Math.min(a, b) - LOWEST) / STEP);
        int to = (int) Math.ceil((Math.max(a, b) - LOWEST) / STEP);
        marks.computeIfAbsent(pipe, p -> new BitSet()).set(from, to);
    }

    /** Feet of a pipe between two stations that were gone through. */
    public double reached(String pipe, double from, double to) {
        return feet(reached, pipe, from, to);
    }

    /** Feet of a pipe between two stations that were seen. */
    public double seen(String pipe, double from, double to) {
        return feet(seen, pipe, from, to);
    }

    private static double feet(Map<String, BitSet> marks, String pipe, double from, double to) {
        BitSet own = marks.getOrDefault(pipe, new BitSet());
        int low = (int) Math.round((from - LOWEST) / STEP);
        int high = (int) Math.round((to - LOWEST) / STEP);
        return own.get(low, Math.max(low, high)).cardinality() * STEP;
    }

    /** The lowest station of a pipe that was reached, feet. */
    public double lowest(String pipe) {
        return LOWEST + reached.get(pipe).nextSetBit(0) * STEP;
    }

    public double highest(String pipe) {
        return LOWEST + reached.get(pipe).length() * STEP;
    }

    public boolean knows(String pipe) {
        return reached.containsKey(pipe);
    }
}
