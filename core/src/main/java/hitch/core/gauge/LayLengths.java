package hitch.core.gauge;

import java.util.ArrayList;
import java.util.List;

/**
 * How long the lengths of pipe are that a line is laid of, told by its joints: the length that most of the ways between joints are
 * whole numbers of. Where that changes, the pipe changes. Lengths are millimetres.
 */
public final class LayLengths {
    /** Pipe is made in lengths from a foot and a half to twenty-one feet. */
    public static final double SHORTEST = 450;

    public static final double LONGEST = 6500;
    /** A way between joints is a whole number of lengths where it is off by no more than this share of one. */
    private static final double OFF = 0.06;
    /** A stretch has so many joints at least. */
    private static final int LEAST = 4;

    private LayLengths() {}

    /**
     * A stretch of equal lengths.
     *
     * @param from its first joint
     * @param to its last one
     * @param length of a piece
     * @param joints how many were seen
     * @param missing where one should lie and none was seen
     */
    public record Lay(double from, double to, double length, int joints, List<Double> missing) {
        public Lay {
            missing = List.copyOf(missing);
        }
    }

    /** The stretches in order of place; joints that follow no rhythm belong to none. */
    public static List<Lay> of(List<JointTrail.Joint> joints) {
        List<Double> at = joints.stream().map(JointTrail.Joint::at).toList();
        List<Lay> lays = new ArrayList<>();
        int first = 0;
        while (first + LEAST <= at.size()) {
            List<Double> best = List.of();
            double length = 0;
            for (double l : candidates(at, first)) {
                List<Double> chain = chain(at, first, l);
                if (chain.size() > best.size()) {
                    best = chain;
                    length = l;
                }
            }
            if (best.size() >= LEAST) {
                lays.add(lay(best, length));
                first = at.indexOf(best.getLast());
            } else {
                first++;
            }
        }
        return lays;
    }

    /** The ways between the first few joints: one of them is a single length. */
    private static List<Double> candidates(List<Double> at, int first) {
        List<Double> all = new ArrayList<>();
        for (int i = first; i < Math.min(at.size() - 1, first + LEAST); i++) {
            double way = at.get(i + 1) - at.get(i);
            if (way >= SHORTEST && way <= LONGEST) {
                all.add(way);
            }
        }
        // A short one is tried last: it reaches as far as its multiples do, and is no length for that.
        all.sort((a, b) -> Double.compare(b, a));
        return all;
    }

    /**
     * The joints from one on that lie whole numbers of a length apart, one or two of it; one that lies between is passed over as none.
     */
    private static List<Double> chain(List<Double> at, int first, double length) {
        List<Double> chain = new ArrayList<>(List.of(at.get(first)));
        double mean = length;
        int lengths = 0;
        int strays = 0;
        for (int i = first + 1; i < at.size() && strays < 2; i++) {
            double way = at.get(i) - chain.getLast();
            long whole = Math.round(way / mean);
            if (whole < 1 || whole > 2 || Math.abs(way - whole * mean) > OFF * mean * whole) {
                strays++;
                continue;
            }
            strays = 0;
            lengths += (int) whole;
            chain.add(at.get(i));
            mean = (chain.getLast() - chain.getFirst()) / lengths;
        }
        return chain;
    }

    private static Lay lay(List<Double> chain, double length) {
        int lengths = 0;
        List<Double> missing = new ArrayList<>();
        for (int i = 0; i + 1 < chain.size(); i++) {
            double way = chain.get(i + 1) - chain.get(i);
            long whole = Math.max(1, Math.round(way / length));
            for (int k = 1; k < whole; k++) {
                missing.add(chain.get(i) + way * k / whole);
            }
            lengths += (int) whole;
        }
        double ways = chain.getLast() - chain.getFirst();
        return new Lay(chain.getFirst(), chain.getLast(), ways / lengths, chain.size(), missing);
    }
}
