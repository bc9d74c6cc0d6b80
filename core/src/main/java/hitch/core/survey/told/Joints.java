package hitch.core.survey.told;

import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * So many of so many joints of the line, summed over all that was said: counts of stretches, joints declared clear, and
 * joints noted one by one. Joints inside a counted stretch are in its count already; two things at one joint are at one
 * joint. Nothing is told where nobody counted, since then it is not known how many were looked at.
 */
public final class Joints {
    /** What is found at joints. */
    private static final Set<FindingKind> AT_JOINTS =
            Set.of(FindingKind.ROOTS, FindingKind.OFFSET, FindingKind.GAP, FindingKind.LIME, FindingKind.JOINT);
    /** Places nearer to each other than this are one joint. */
    private static final long ONE_JOINT_MM = Distance.feet(0.5).mm();

    /**
     * One sort of thing.
     *
     * @param words what the joints have, such as {@code roots}
     * @param some how many have it
     * @param of how many were looked at
     */
    public record Tally(String words, int some, int of) {
        /** Such as {@code 9 of 24 joints: roots}. */
        public String sentence() {
            return new Count(some, of).words() + " joints: " + words;
        }
    }

    /** A stretch that was counted; without an extent the whole line. */
    private record Counted(Optional<Extent> extent, String what, Count count) {
        boolean holds(Extent place) {
            return extent.isEmpty() || extent.get().covers(place.middle());
        }

        private long length() {
            return extent.map(e -> e.length().mm()).orElse(Long.MAX_VALUE);
        }
    }

    private Joints() {}

    /** What is known of the line's joints, what most have first; empty where nobody counted. */
    public static List<Tally> of(List<LocatedFinding> findings) {
        List<LocatedFinding> here = findings.stream()
                .filter(f -> AT_JOINTS.contains(f.finding().kind())
                        && f.branch().equals(Branch.LINE)
                        && !f.lasting().isOver())
                .toList();
        List<Counted> counted =
                apart(here.stream().flatMap(f -> counted(f).stream()).toList());
        if (counted.isEmpty()) {
            return List.of();
        }
        List<LocatedFinding> single = here.stream()
                .filter(f -> counted(f).isEmpty()
                        && f.extent().filter(Extent::isPoint).isPresent()
                        && counted.stream().noneMatch(c -> c.holds(f.extent().get())))
                .toList();
        int of = counted.stream().collect(Collectors.groupingBy(Counted::extent)).values().stream()
                        .mapToInt(same -> same.stream()
                                .mapToInt(c -> c.count().of())
                                .max()
                                .orElse(0))
                        .sum()
                + places(single).size();
        Map<String, Integer> some = new java.util.TreeMap<>();
        counted.forEach(c -> some.merge(c.what(), c.count().some(), Integer::sum));
        Map<FindingKind, List<LocatedFinding>> byKind = new EnumMap<>(FindingKind.class);
        single.forEach(f -> byKind.computeIfAbsent(f.finding().kind(), k -> new ArrayList<>())
                .add(f));
        byKind.forEach((kind, list) -> list.stream()
                .collect(Collectors.groupingBy(Joints::what))
                .forEach((what, same) -> some.merge(what, places(same).size(), Integer::sum)));
        return some.entrySet().stream()
                .map(e -> new Tally(e.getKey(), Math.min(e.getValue(), of), of))
                .sorted(Comparator.comparing(Tally::some).reversed().thenComparing(Tally::words))
                .toList();
    }

    /** A count of which it is told of how many. */
    private static Optional<Counted> counted(LocatedFinding found) {
        return found.finding()
                .traits()
                .details()
                .get(Detail.COUNT)
                .filter(c -> c.of() > 0)
                .map(c -> new Counted(found.extent().filter(e -> !e.isPoint()), what(found), c));
    }

    /** A joint is told by its state; anything else by its kind. */
    private static String what(LocatedFinding found) {
        if (found.finding().kind() == FindingKind.JOINT) {
            return found.finding()
                    .traits()
                    .details()
                    .get(Detail.STATE)
                    .orElse(State.CLEAR)
                    .word();
        }
        return found.finding().kind().word();
    }

    /** Without those that lie within a longer stretch that was counted too. */
    private static List<Counted> apart(List<Counted> all) {
        List<Counted> kept = new ArrayList<>();
        all.stream()
                .sorted(Comparator.comparing(Counted::length).reversed())
                .filter(c -> kept.stream()
                        .allMatch(k -> k.extent().equals(c.extent())
                                || k.extent().isPresent()
                                        && k.extent()
                                                .get()
                                                .common(c.extent().orElseThrow())
                                                .filter(e -> !e.isPoint())
                                                .isEmpty()))
                .forEach(kept::add);
        return kept;
    }

    /** The places of these, each joint once. */
    private static List<Extent> places(List<LocatedFinding> points) {
        List<Extent> places = new ArrayList<>();
        points.stream().map(f -> f.extent().orElseThrow()).sorted().forEach(place -> {
            if (places.isEmpty() || places.getLast().from().to(place.from()).mm() > ONE_JOINT_MM) {
                places.add(place);
            }
        });
        return places;
    }
}
