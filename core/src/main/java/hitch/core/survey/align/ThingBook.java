package hitch.core.survey.align;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Writes down what the groups of sights are: each thing once, and what every two runs tell of it. */
final class ThingBook {
    private final List<Run> runs;
    private final List<Sight> sights;
    private final double[] at;
    private final Joins joins;

    /**
     * @param at stations of the sights, millimetres
     */
    ThingBook(List<Run> runs, List<Sight> sights, double[] at, Joins joins) {
        this.runs = runs;
        this.sights = sights;
        this.at = at;
        this.joins = joins;
    }

    /** The thing that a group of sights is. */
    Tied.Thing thing(List<Integer> group) {
        List<Integer> stretches =
                group.stream().filter(i -> sights.get(i).isStretch()).toList();
        // A place that somebody typed is the place; else all sights have their say.
        List<Integer> typed = group.stream()
                .filter(i -> sights.get(i).isTyped())
                .filter(i -> stretches.isEmpty() || sights.get(i).isStretch())
                .toList();
        if (group.size() > 1 && group.stream().anyMatch(i -> sights.get(i).isMoved())) {
            return moved(group);
        }
        List<Integer> telling = !typed.isEmpty() ? typed : stretches.isEmpty() ? group : stretches;
        double from = mean(telling, -0.5);
        double to = mean(telling, 0.5);
        double middle = (from + to) / 2;
        double doubt = telling.stream()
                .mapToDouble(i -> Math.abs(at[i] - middle))
                .max()
                .orElse(0);
        List<FindingId> ids =
                group.stream().map(i -> sights.get(i).finding().id()).distinct().toList();
        List<FrameRef> frames = group.stream().map(i -> sights.get(i).frame()).toList();
        Sight first = sights.get(group.getFirst());
        return new Tied.Thing(
                ids,
                new Extent(new Station(Math.round(from)), new Station(Math.max(Math.round(from), Math.round(to)))),
                new Distance(Math.round(doubt)),
                joins.branchAt(runs.get(first.run()), first.kind(), middle),
                frames);
    }

    /** Something that the camera pushed along: from where it was seen first to where it was seen last. */
    private Tied.Thing moved(List<Integer> group) {
        List<Integer> byTime = group.stream()
                .sorted(Comparator.<Integer>comparingInt(i -> sights.get(i).run())
                        .thenComparingInt(i -> sights.get(i).pass())
                        .thenComparingLong(i -> sights.get(i).frame().pts()))
                .toList();
        double from = at[byTime.getFirst()];
        double to = at[byTime.getLast()];
        Sight first = sights.get(byTime.getFirst());
        return new Tied.Thing(
                byTime.stream()
                        .map(i -> sights.get(i).finding().id())
                        .distinct()
                        .toList(),
                Extent.between(new Station(Math.round(from)), new Station(Math.round(to))),
                Distance.ZERO,
                joins.branchAt(runs.get(first.run()), first.kind(), from),
                byTime.stream().map(i -> sights.get(i).frame()).toList());
    }

    /** The weighted mean of one end of some sights; {@code side} is -0.5 for the lower end, 0.5 for the higher. */
    private double mean(List<Integer> group, double side) {
        double sum = 0;
        double weights = 0;
        for (int i : group) {
            Sight sight = sights.get(i);
            double weight = 1 / (sight.error() * sight.error());
            sum += weight * (at[i] + side * (sight.to() - sight.from()));
            weights += weight;
        }
        return sum / weights;
    }

    /** Every thing seen from more than one run, and how far its places lie apart. */
    List<Tie> ties(List<List<Integer>> groups) {
        List<Tie> ties = new ArrayList<>();
        for (List<Integer> group : groups) {
            Map<Integer, List<Integer>> byRun = new TreeMap<>();
            group.stream()
                    .filter(i -> sights.get(i).ties())
                    .forEach(i -> byRun.computeIfAbsent(sights.get(i).run(), r -> new ArrayList<>())
                            .add(i));
            List<Integer> seenFrom = List.copyOf(byRun.keySet());
            for (int n = 1; n < seenFrom.size(); n++) {
                double one = mean(byRun.get(seenFrom.getFirst()), 0);
                double two = mean(byRun.get(seenFrom.get(n)), 0);
                Finding finding = sights.get(group.getFirst()).finding();
                ties.add(new Tie(
                        finding.kind(),
                        finding.id(),
                        new Station(Math.round(mean(group, 0))),
                        runs.get(seenFrom.getFirst()).id(),
                        runs.get(seenFrom.get(n)).id(),
                        new Distance(Math.round(two - one))));
            }
        }
        return ties;
    }
}
