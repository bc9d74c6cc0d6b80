package hitch.core.pipe.tie;

import hitch.core.counter.Distance;
import hitch.core.line.Run;
import java.util.List;

/**
 * Places the runs' openings so that things seen from several runs come to stand as nearly as possible at one station:
 * least squares with every sight weighted by the inverse square of its error, a thing's own station being eliminated as
 * the weighted mean of its sights (the usual adjustment of a levelling net). Sights far out count less at each round
 * (Huber's weights), so that one wrong match does not bend the line.
 */
final class RunSolver {
    private static final double KNOWN_MM = 5;
    private static final double SAME_OPENING_MM = 5;
    private static final double GUESS_MM = 60 * Distance.MM_PER_FOOT;
    private static final int ROUNDS = 5;
    /** Errors beyond which a sight counts less; Huber's usual bound. */
    private static final double HUBER = 1.345;

    private final List<Run> runs;
    private final List<Sight> sights;
    private final int[] leg;
    private final int legs;

    RunSolver(List<Run> runs, List<Sight> sights) {
        this(runs, sights, null, 0);
    }

    /**
     * @param leg for each sight the number of its leg, where runs are cut into legs; null for one leg a run
     * @param more legs beyond one a run; the leg {@code runs.size() + i} is held to nothing but its sights
     */
    RunSolver(List<Run> runs, List<Sight> sights, int[] leg, int more) {
        this.runs = runs;
        this.sights = sights;
        this.leg = leg;
        this.legs = runs.size() + more;
    }

    /**
     * The starts, and how ill the sights agree with them.
     *
     * @param starts of each leg, millimetres
     * @param costs of each leg; 0 where all agree
     */
    record Solved(double[] starts, double[] costs) {
        double cost() {
            return java.util.Arrays.stream(costs).sum();
        }
    }

    Solved solve(List<List<Integer>> groups) {
        double[] trust = new double[sights.size()];
        java.util.Arrays.fill(trust, 1);
        double[] starts = new double[legs];
        double[] costs = new double[legs];
        for (int round = 0; round < ROUNDS; round++) {
            starts = once(groups, trust);
            costs = weigh(groups, starts, trust);
        }
        return new Solved(starts, costs);
    }

    private double[] once(List<List<Integer>> groups, double[] trust) {
        Normal normal = new Normal(legs);
        for (int i = 0; i < runs.size(); i++) {
            double held = runs.get(i).tied() ? GUESS_MM : KNOWN_MM;
            normal.is(i, runs.get(i).start().mm(), 1 / (held * held));
            for (int j = i + 1; j < runs.size(); j++) {
                boolean same = runs.get(i).tied()
                        && runs.get(j).tied()
                        && runs.get(i).opening().equals(runs.get(j).opening())
                        && runs.get(i).start().equals(runs.get(j).start());
                if (same) {
                    normal.differ(i, j, 0, 1 / (SAME_OPENING_MM * SAME_OPENING_MM));
                }
            }
        }
        for (int i = runs.size(); i < legs; i++) {
            normal.is(i, 0, 1e-12);
        }
        for (List<Integer> group : groups) {
            double sum = sum(group, trust);
            // Eliminating the mean of a group leaves each two of its sights tied with w1 w2 / sum.
            for (int a = 0; a < group.size(); a++) {
                for (int b = a + 1; b < group.size(); b++) {
                    Sight one = sights.get(group.get(a));
                    Sight two = sights.get(group.get(b));
                    int legA = leg(group.get(a));
                    int legB = leg(group.get(b));
                    if (legA != legB && one.ties() && two.ties()) {
                        double weight = weight(group.get(a), trust) * weight(group.get(b), trust) / sum;
                        normal.differ(legA, legB, one.middle() - two.middle(), weight);
                    }
                }
            }
        }
        return normal.solve();
    }

    /** Weighs the sights anew by their residuals and adds up the cost. */
    private double[] weigh(List<List<Integer>> groups, double[] starts, double[] trust) {
        double[] costs = new double[legs];
        for (List<Integer> group : groups) {
            if (group.size() < 2) {
                continue;
            }
            double mean = mean(group, starts, trust);
            for (int i : group) {
                if (!sights.get(i).ties()) {
                    continue;
                }
                double errors = Math.abs(starts[leg(i)] + sights.get(i).middle() - mean)
                        / sights.get(i).error();
                trust[i] = errors <= HUBER ? 1 : HUBER / errors;
                costs[leg(i)] += errors <= HUBER ? errors * errors / 2 : HUBER * (errors - HUBER / 2);
            }
        }
        return costs;
    }

    private double mean(List<Integer> group, double[] starts, double[] trust) {
        double sum = 0;
        for (int i : group) {
            sum += weight(i, trust) * (starts[leg(i)] + sights.get(i).middle());
        }
        return sum / sum(group, trust);
    }

    private double sum(List<Integer> group, double[] trust) {
        return group.stream().mapToDouble(i -> weight(i, trust)).sum();
    }

    private double weight(int i, double[] trust) {
        double error = sights.get(i).error();
        return trust[i] / (error * error);
    }

    private int leg(int i) {
        return leg == null ? sights.get(i).run() : leg[i];
    }
}
