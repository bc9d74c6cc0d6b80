package hitch.core.survey.align;

import hitch.core.measure.Distance;
import hitch.core.run.Run;
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
    private final int[] leg;
    private final int legs;
    private final double[] middle;
    private final double[] error;
    private final boolean[] ties;

    RunSolver(List<Run> runs, List<Sight> sights) {
        this(runs, sights, null, 0);
    }

    /**
     * @param leg for each sight the number of its leg, where runs are cut into legs; null for one leg a run
     * @param more legs beyond one a run; the leg {@code runs.size() + i} is held to nothing but its sights
     */
    RunSolver(List<Run> runs, List<Sight> sights, int[] leg, int more) {
        this.runs = runs;
        this.leg = leg != null ? leg : sights.stream().mapToInt(Sight::run).toArray();
        this.legs = runs.size() + more;
        this.middle = sights.stream().mapToDouble(Sight::middle).toArray();
        this.error = sights.stream().mapToDouble(Sight::error).toArray();
        this.ties = new boolean[sights.size()];
        for (int i = 0; i < ties.length; i++) {
            ties[i] = sights.get(i).ties();
        }
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

    Solved solve(List<List<Integer>> things) {
        // What was seen once says nothing of where its run lies.
        int[][] groups = things.stream()
                .filter(t -> t.size() > 1)
                .map(t -> t.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
        double[] trust = new double[ties.length];
        java.util.Arrays.fill(trust, 1);
        double[] starts = new double[legs];
        double[] costs = new double[legs];
        for (int round = 0; round < ROUNDS; round++) {
            starts = once(groups, trust);
            costs = weigh(groups, starts, trust);
        }
        return new Solved(starts, costs);
    }

    private double[] once(int[][] groups, double[] trust) {
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
        for (int[] group : groups) {
            double sum = sum(group, trust);
            // Eliminating the mean of a group leaves each two of its sights tied with w1 w2 / sum.
            for (int i : group) {
                for (int j : group) {
                    if (i < j && leg[i] != leg[j] && ties[i] && ties[j]) {
                        double weight = weight(i, trust) * weight(j, trust) / sum;
                        normal.differ(leg[i], leg[j], middle[i] - middle[j], weight);
                    }
                }
            }
        }
        return normal.solve();
    }

    /** Weighs the sights anew by their residuals and adds up the cost. */
    private double[] weigh(int[][] groups, double[] starts, double[] trust) {
        double[] costs = new double[legs];
        for (int[] group : groups) {
            double mean = mean(group, starts, trust);
            for (int i : group) {
                if (ties[i]) {
                    double errors = Math.abs(starts[leg[i]] + middle[i] - mean) / error[i];
                    trust[i] = errors <= HUBER ? 1 : HUBER / errors;
                    costs[leg[i]] += errors <= HUBER ? errors * errors / 2 : HUBER * (errors - HUBER / 2);
                }
            }
        }
        return costs;
    }

    private double mean(int[] group, double[] starts, double[] trust) {
        double sum = 0;
        for (int i : group) {
            sum += weight(i, trust) * (starts[leg[i]] + middle[i]);
        }
        return sum / sum(group, trust);
    }

    private double sum(int[] group, double[] trust) {
        double sum = 0;
        for (int i : group) {
            sum += weight(i, trust);
        }
        return sum;
    }

    private double weight(int i, double[] trust) {
        return trust[i] / (error[i] * error[i]);
    }
}
