package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Tells which of several ways of reading a counter is right at each moment: upright, on its head, or first one and then
 * the other where the picture was turned over. Every way was fitted over the whole clip; the one whose readings are
 * more, surer and on a path that a cable can go has the evidence, and changing from one to another is dear (dynamic
 * programming, Viterbi, 1967).
 */
final class WayUp {
    /** What changing the way costs, in sure readings. */
    private static final double CHANGE = 10;
    /** What a reading off the path of its own way takes away, as a share of its surety. */
    private static final double OFF = 0.5;
    /** How much the right way must be ahead, a moment and in all, to be relied on; in sure readings. */
    private static final double AHEAD = 0.3;

    private static final double AHEAD_IN_ALL = 6;
    /** What a person's own reading is worth, and how near it a reading of the picture agrees, units of the counter. */
    private static final double TYPED = 50;

    private static final double AGREES = 0.15;
    private static final double NEAR_TYPED_S = 0.25;
    /** Fastest that a counter runs, its units a second. */
    private static final double FASTEST = 4;

    /** What the readings of a number that never changes are worth. */
    private static final double STANDING = 0.2;

    /** A stretch of moments that are read in one way. */
    private record Stretch(int from, int to, int way, boolean sure) {}

    private final List<Stretch> stretches = new ArrayList<>();

    private WayUp() {}

    /**
     * @param ways each of the same moments; one or more
     * @param typed what persons said
     */
    static WayUp of(List<CounterSheet> ways, List<RawReading> typed) {
        WayUp found = new WayUp();
        int moments = ways.getFirst().readings().size();
        if (ways.size() == 1 || moments == 0) {
            found.stretches.add(new Stretch(0, moments, 0, true));
            return found;
        }
        double[][] evidence = new double[ways.size()][];
        for (int w = 0; w < ways.size(); w++) {
            evidence[w] = evidence(ways.get(w), typed);
        }
        int[] best = best(evidence, moments);
        for (int from = 0; from < moments; ) {
            int to = from;
            while (to < moments && best[to] == best[from]) {
                to++;
            }
            found.stretches.add(new Stretch(from, to, best[from], isSure(evidence, best[from], from, to)));
            from = to;
        }
        return found;
    }

    private static double[] evidence(CounterSheet way, List<RawReading> typed) {
        Map<Double, RawReading> kept = new HashMap<>();
        way.path().kept().forEach(r -> kept.put(r.seconds(), r));
        List<RawReading> readings = way.readings();
        double[] evidence = new double[readings.size()];
        double changing = changing(kept.values());
        for (int i = 0; i < evidence.length; i++) {
            RawReading at = readings.get(i);
            if (at.value().isPresent()) {
                evidence[i] = changing * (kept.containsKey(at.seconds()) ? at.sure() : -OFF * at.sure());
            }
            for (RawReading known : typed) {
                double apart = Math.abs(known.seconds() - at.seconds());
                if (apart < NEAR_TYPED_S && at.value().isPresent()) {
                    double off =
                            Math.abs(known.value().orElseThrow() - at.value().getAsDouble());
                    evidence[i] += off <= AGREES + FASTEST * apart ? TYPED : -TYPED;
                }
            }
        }
        return evidence;
    }

    /** A counter changes; what stays the same all along is mostly something else that is written there. */
    private static double changing(Collection<RawReading> kept) {
        long values = kept.stream()
                .mapToDouble(r -> r.value().orElseThrow())
                .distinct()
                .count();
        return Math.clamp((values - 1) / 4.0, STANDING, 1);
    }

    private static int[] best(double[][] evidence, int moments) {
        int ways = evidence.length;
        double[] score = new double[ways];
        int[][] before = new int[moments][ways];
        for (int i = 0; i < moments; i++) {
            int leader = highest(score);
            double[] next = new double[ways];
            for (int w = 0; w < ways; w++) {
                boolean changed = score[leader] - CHANGE > score[w];
                before[i][w] = changed ? leader : w;
                next[w] = (changed ? score[leader] - CHANGE : score[w]) + evidence[w][i];
            }
            score = next;
        }
        int[] best = new int[moments];
        int way = highest(score);
        for (int i = moments - 1; i >= 0; i--) {
            best[i] = way;
            way = before[i][way];
        }
        return best;
    }

    private static int highest(double[] score) {
        int best = 0;
        for (int w = 1; w < score.length; w++) {
            best = score[w] > score[best] ? w : best;
        }
        return best;
    }

    private static boolean isSure(double[][] evidence, int way, int from, int to) {
        double ahead = Double.POSITIVE_INFINITY;
        for (int other = 0; other < evidence.length; other++) {
            double sum = 0;
            for (int i = from; i < to; i++) {
                sum += evidence[way][i] - evidence[other][i];
            }
            ahead = other == way ? ahead : Math.min(ahead, sum);
        }
        return ahead >= AHEAD_IN_ALL && ahead >= AHEAD * (to - from);
    }

    /** The way in which the {@code moment}th moment is to be read. */
    int at(int moment) {
        return stretch(moment).way();
    }

    /** Whether it is clearly better than the others there. */
    boolean isSure(int moment) {
        return stretch(moment).sure();
    }

    /** Whether one way is clearly better at every moment. */
    boolean isSure() {
        return stretches.stream().allMatch(Stretch::sure);
    }

    /** The ways in order of time, each at the moment from which on it is read so. */
    List<Integer> changes() {
        return stretches.stream().map(Stretch::from).toList();
    }

    private Stretch stretch(int moment) {
        return stretches.stream().filter(s -> moment < s.to()).findFirst().orElse(stretches.getLast());
    }
}
