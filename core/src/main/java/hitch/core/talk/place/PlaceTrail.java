package hitch.core.talk.place;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Takes of the numbers that may be distances those that a camera can have passed in the order in which they were said: outwards in
 * steps, at times back, and once it turns towards the opening down again. The best sequence is found by going through all of them,
 * each with what is lost where it does not follow another well.
 */
final class PlaceTrail {
    private static final double STEP = 14;
    /** No more places than this are passed over without one that was. */
    private static final int BEHIND = 60;

    private static final double TURN = 2.5;
    private static final double TOLD_TURN = 0.6;

    private final List<PlaceSaid> all;
    /** How often it was told up to each place, so that it is known at once whether it was between two. */
    private final int[] backTold;

    private final int[] zeroTold;
    private final double[][] best;
    private final int[][] from;

    private PlaceTrail(List<PlaceSaid> all, int[] backTold, int[] zeroTold) {
        this.all = all;
        this.backTold = backTold;
        this.zeroTold = zeroTold;
        this.best = new double[all.size()][2];
        this.from = new int[all.size()][2];
    }

    /**
     * @param backTold whether words between a place and the one before it tell that the camera comes back
     * @param zeroTold likewise that the counter was set to nothing
     */
    static List<PlaceSaid> of(List<PlaceSaid> all, IntPredicate backTold, IntPredicate zeroTold) {
        int n = all.size();
        int[] back = new int[n + 1];
        int[] zero = new int[n + 1];
        for (int i = 0; i < n; i++) {
            back[i + 1] = back[i] + (backTold.test(i) ? 1 : 0);
            zero[i + 1] = zero[i] + (zeroTold.test(i) ? 1 : 0);
        }
        return new PlaceTrail(all, back, zero).best();
    }

    private List<PlaceSaid> best() {
        int n = all.size();
        int end = -1;
        int way = 0;
        for (int i = 0; i < n; i++) {
            PlaceSaid here = all.get(i);
            for (int d = 0; d < 2; d++) {
                double start = d == 1 ? TURN : Math.min(2, Math.max(0, here.feet() - STEP) / 20);
                best[i][d] = here.weight() - start;
                from[i][d] = -1;
                for (int j = Math.max(0, i - BEHIND); j < i; j++) {
                    for (int e = 0; e < 2; e++) {
                        double value = best[j][e] + here.weight() - cost(j, i, e, d);
                        if (value > best[i][d]) {
                            best[i][d] = value;
                            from[i][d] = j * 2 + e;
                        }
                    }
                }
                if (end < 0 || best[i][d] >= best[end][way]) {
                    end = i;
                    way = d;
                }
            }
        }
        List<PlaceSaid> chosen = new ArrayList<>();
        while (end >= 0) {
            chosen.add(all.get(end));
            int previous = from[end][way];
            end = previous < 0 ? -1 : previous / 2;
            way = previous < 0 ? 0 : previous % 2;
        }
        Collections.reverse(chosen);
        return chosen;
    }

    /** What is lost where {@code i} follows {@code j}; a way is 0 outwards and 1 back. */
    private double cost(int j, int i, int before, int now) {
        boolean told = backTold[i + 1] > backTold[j + 1];
        boolean zeroed = zeroTold[i + 1] > zeroTold[j + 1];
        double step = all.get(i).feet() - all.get(j).lastFeet();
        if (zeroed && now == 0 && all.get(i).feet() < STEP) {
            return 0.3;
        }
        double cost = before == now ? 0 : now == 1 ? told ? TOLD_TURN : TURN : TURN;
        if (now == 0) {
            cost += step >= 0 ? Math.min(3, Math.max(0, step - STEP) / STEP) : step >= -3 ? 0.9 : 4 - step / 10;
        } else {
            cost += step <= 0 ? Math.min(1.5, Math.max(0, -step - 30) / 30) : 2 + step / 5;
        }
        return cost;
    }
}
