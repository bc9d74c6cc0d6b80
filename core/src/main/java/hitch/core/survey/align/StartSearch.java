package hitch.core.survey.align;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/**
 * Finds where a run lies whose opening nobody has placed: each thing it saw that might be a thing already placed votes
 * for a start, and the start that most of them agree with wins. Rare things count more than joints.
 */
final class StartSearch {
    private static final double AGREE_MM = 1.5 * Distance.MM_PER_FOOT;
    /** Below this much agreement a run stays where it was put. */
    private static final double ENOUGH = 1.6;
    /** A start by the first guess counts as much more. */
    private static final double GUESS = 0.75;
    /** A thing that names the same branch as another is hardly anything else. */
    private static final double NAMED = 3;

    private static final double GUESS_REACH_MM = 10 * Distance.MM_PER_FOOT;

    private static final Map<FindingKind, Double> RARE = Map.of(
            FindingKind.MAIN_CONNECTION, 2.0,
            FindingKind.MATERIAL_CHANGE, 2.0,
            FindingKind.SIZE_CHANGE, 2.0,
            FindingKind.TIE_IN, 1.6,
            FindingKind.OPENING, 1.6,
            FindingKind.BACKWATER_VALVE, 2.0,
            FindingKind.BEND, 1.2,
            FindingKind.COUPLING, 1.0,
            FindingKind.ROOTS, 0.6,
            FindingKind.JOINT, 0.3);

    /** A thing whose station is known. */
    record Placed(Sight sight, double at) {}

    /** Starts this near to the first guess are tried first. */
    private static final double NEAR_MM = 12 * Distance.MM_PER_FOOT;
    /** So much agreement near the first guess ends the search. */
    private static final double PLENTY = 4.8;
    /** Far away, starts are gathered by as much. */
    private static final double BIN_MM = 0.5 * Distance.MM_PER_FOOT;
    /** Two starts this near are one. */
    private static final double FINE_MM = 0.25 * Distance.MM_PER_FOOT;
    /** As many of the gathered are looked at closely. */
    private static final int LOOKED_AT = 12;

    private final Map<FindingKind, List<Placed>> placed = new EnumMap<>(FindingKind.class);

    /** Takes in more things whose station is known. */
    void add(List<Placed> more) {
        more.stream()
                .filter(p -> p.sight().ties())
                .forEach(p -> placed.computeIfAbsent(p.sight().kind(), k -> new ArrayList<>())
                        .add(p));
        placed.values().forEach(same -> same.sort(Comparator.comparingDouble(Placed::at)));
    }

    /**
     * The start in millimetres; empty where too little agrees.
     *
     * @param own the run's sights
     * @param guess where it was put
     */
    OptionalDouble find(List<Sight> own, double guess) {
        List<Double> starts = new ArrayList<>(List.of(guess));
        starts.addAll(gathered(own, guess - NEAR_MM, guess + NEAR_MM));
        OptionalDouble best = best(own, thinned(starts), guess);
        if (best.isPresent() && votes(own, best.getAsDouble()) >= PLENTY) {
            return best;
        }
        starts.addAll(gathered(own, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY));
        return best(own, thinned(starts), guess);
    }

    /** One start for every few inches: the fit that follows finds the rest. */
    private static List<Double> thinned(List<Double> starts) {
        Map<Long, Double> kept = new TreeMap<>();
        starts.forEach(s -> kept.putIfAbsent(Math.round(s / FINE_MM), s));
        return List.copyOf(kept.values());
    }

    private OptionalDouble best(List<Sight> own, List<Double> starts, double guess) {
        double best = 0;
        OptionalDouble found = OptionalDouble.empty();
        for (double start : starts) {
            double votes = votes(own, start);
            double score = votes * (1 + GUESS * Math.exp(-Math.abs(start - guess) / GUESS_REACH_MM));
            if (votes >= ENOUGH && score > best + 1e-9) {
                best = score;
                found = OptionalDouble.of(start);
            }
        }
        return found;
    }

    /** Starts between two stations, from the bins that most sights vote for. */
    private List<Double> gathered(List<Sight> own, double from, double to) {
        Map<Long, Double> votes = new HashMap<>();
        Map<Long, List<Double>> starts = new HashMap<>();
        for (Sight sight : own) {
            Set<Long> voted = new HashSet<>();
            for (Placed other : between(sight, from + sight.middle(), to + sight.middle())) {
                double start = other.at() - sight.middle();
                long bin = Math.round(start / BIN_MM);
                if (voted.add(bin)) {
                    starts.computeIfAbsent(bin, b -> new ArrayList<>()).add(start);
                    // A start near the edge of its bin speaks for the next one too.
                    for (long b = bin - 1; b <= bin + 1; b++) {
                        votes.merge(b, worth(sight), Double::sum);
                    }
                }
            }
        }
        return votes.entrySet().stream()
                .sorted(Map.Entry.<Long, Double>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .limit(LOOKED_AT)
                .flatMap(v -> starts.getOrDefault(v.getKey(), List.of()).stream())
                .toList();
    }

    private double votes(List<Sight> own, double start) {
        double sum = 0;
        for (Sight sight : own) {
            double at = start + sight.middle();
            double nearest = AGREE_MM;
            List<Placed> same = ofKind(sight);
            for (int i = firstFrom(same, at - nearest);
                    i < same.size() && same.get(i).at() - at < nearest;
                    i++) {
                if (SightGroups.alike(sight, same.get(i).sight())) {
                    nearest = Math.abs(at - same.get(i).at());
                }
            }
            sum += worth(sight) * (1 - nearest / AGREE_MM);
        }
        return sum;
    }

    /** What is placed between two stations that a sight might be of. */
    private List<Placed> between(Sight sight, double from, double to) {
        List<Placed> same = ofKind(sight);
        List<Placed> found = new ArrayList<>();
        for (int i = firstFrom(same, from); i < same.size() && same.get(i).at() <= to; i++) {
            if (SightGroups.alike(sight, same.get(i).sight())) {
                found.add(same.get(i));
            }
        }
        return found;
    }

    /** What is placed of a sight's kind, in order of station. */
    private List<Placed> ofKind(Sight sight) {
        return sight.ties() ? placed.getOrDefault(sight.kind(), List.of()) : List.of();
    }

    /** The number of the first of some placed things at or past a station. */
    private static int firstFrom(List<Placed> same, double from) {
        int low = 0;
        int high = same.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (same.get(middle).at() < from) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static double worth(Sight sight) {
        return sight.names().isEmpty() ? worth(sight.kind()) : NAMED;
    }

    private static double worth(FindingKind kind) {
        return RARE.getOrDefault(kind, 0.8);
    }
}
