package hitch.core.survey.align;

import hitch.core.finding.FindingKind;
import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import hitch.core.run.Run;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Finds the moment at which a run's counter slipped: the run is cut in two at each moment between two of its sights, the
 * second leg is placed freely, and the cut that makes all sights agree best is the slip, if it makes them agree much
 * better.
 */
final class SlipSearch {
    /** The cost must fall by this much: that of three sights some three errors out. */
    private static final double WORTH = 4.5;

    private static final double LEAST_MM = 0.5 * Distance.MM_PER_FOOT;
    /** People look ahead on the way out and not on the way back: what seems to slip just where they turn must be more. */
    private static final double AT_THE_TURN_MM = 1.2 * Distance.MM_PER_FOOT;
    /** One thing that seems to have moved is two things; a slip moves all that comes after it. */
    private static final int TELLING = 2;

    /** Sights cost this much each where nothing is wrong, at most: about half the square of their usual error. */
    private static final double USUAL_COST = 0.25;

    private final List<Run> runs;
    private final List<Sight> sights;
    private final List<List<Integer>> groups;
    private final RunSolver.Solved whole;
    private final Map<Integer, List<Integer>> tying;

    SlipSearch(List<Run> runs, List<Sight> sights, List<List<Integer>> groups) {
        this.runs = runs;
        this.sights = sights;
        this.groups = groups.stream()
                .filter(g -> g.size() > 1
                        && g.stream().filter(i -> sights.get(i).ties()).count() > 1)
                .toList();
        whole = new RunSolver(runs, sights).solve(this.groups);
        tying = this.groups.stream()
                .flatMap(List::stream)
                .filter(i -> sights.get(i).ties())
                .collect(Collectors.groupingBy(i -> sights.get(i).run()));
    }

    /** A slip, and how ill the sights agree once it is taken out. */
    private record Found(Slip slip, double cost) {}

    /** The likeliest slip of any of some runs. */
    Optional<Slip> find(List<Integer> numbers) {
        return numbers.stream()
                .flatMap(n -> find(n).stream())
                .min(Comparator.comparingDouble(Found::cost))
                .map(Found::slip);
    }

    private Optional<Found> find(int number) {
        List<Integer> own = inTime(number);
        if (own.size() < 3 || whole.costs()[number] < WORTH / 2 + USUAL_COST * own.size()) {
            return Optional.empty();
        }
        Found best = null;
        double least = whole.cost() - WORTH;
        for (int cut = 1; cut < own.size(); cut++) {
            int[] leg = legs(own.subList(cut, own.size()));
            RunSolver.Solved solved = new RunSolver(runs, sights, leg, 1).solve(groups);
            double by = solved.starts()[runs.size()] - solved.starts()[number];
            int telling = telling(leg, number);
            if (telling >= TELLING && solved.cost() < least - 1e-6 && Math.abs(by) >= least(own, cut)) {
                least = solved.cost();
                int sign = runs.get(number).direction().sign();
                Slip slip = new Slip(
                        runs.get(number).id(),
                        sights.get(own.get(cut - 1)).frame(),
                        sights.get(own.get(cut)).frame(),
                        new Distance(Math.round(sign * by)),
                        telling);
                best = new Found(slip, least);
            }
        }
        return Optional.ofNullable(best);
    }

    private double least(List<Integer> own, int cut) {
        Set<Integer> before =
                own.subList(0, cut).stream().map(i -> sights.get(i).pass()).collect(Collectors.toSet());
        boolean turn = own.subList(cut, own.size()).stream()
                .noneMatch(i -> before.contains(sights.get(i).pass()));
        // What other runs saw speaks neither for this run's way out nor for its way back.
        return turn && witnessed(own.subList(cut, own.size())) < TELLING ? AT_THE_TURN_MM : LEAST_MM;
    }

    /**
     * How much speaks for these sights from outside the run: things that other runs saw too, and twice the run's own
     * opening, whose place is known for sure.
     */
    private long witnessed(List<Integer> later) {
        int run = sights.get(later.getFirst()).run();
        return groups.stream()
                .filter(g -> g.stream().anyMatch(later::contains)
                        && g.stream().anyMatch(i -> sights.get(i).run() != run))
                .mapToLong(g -> sights.get(g.getFirst()).kind() == FindingKind.OPENING ? 2 : 1)
                .sum();
    }

    /**
     * How many things seen after the cut were also seen before it, or by a run whose place is known. A run that is tied
     * only by what this one saw moves along with it and tells nothing.
     */
    private int telling(int[] leg, int number) {
        return (int) groups.stream()
                .filter(g -> g.stream().anyMatch(i -> leg[i] == runs.size())
                        && g.stream()
                                .anyMatch(i -> leg[i] == number
                                        || leg[i] < runs.size()
                                                && leg[i] != number
                                                && !runs.get(leg[i]).tied()))
                .count();
    }

    private int[] legs(List<Integer> later) {
        int[] leg = new int[sights.size()];
        for (int i = 0; i < leg.length; i++) {
            leg[i] = sights.get(i).run();
        }
        later.forEach(i -> leg[i] = runs.size());
        return leg;
    }

    /** A run's sights that tie, in order of recording. */
    private List<Integer> inTime(int number) {
        Map<ClipId, Integer> order = new HashMap<>();
        runs.get(number).clips().forEach(c -> order.put(c, order.size()));
        return tying.getOrDefault(number, List.of()).stream()
                .sorted(Comparator.comparingInt(
                                (Integer i) -> order.get(sights.get(i).frame().clip()))
                        .thenComparingLong(i -> sights.get(i).frame().pts()))
                .toList();
    }
}
