package hitch.core.pipe.tie;

import hitch.core.counter.Distance;
import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

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

    private final List<Placed> placed;

    StartSearch(List<Placed> placed) {
        this.placed = placed;
    }

    /**
     * The start in millimetres; empty where too little agrees.
     *
     * @param own the run's sights
     * @param guess where it was put
     */
    OptionalDouble find(List<Sight> own, double guess) {
        List<Double> starts = new ArrayList<>();
        starts.add(guess);
        for (Sight sight : own) {
            for (Placed other : placed) {
                if (maybeSame(sight, other.sight())) {
                    starts.add(other.at() - sight.middle());
                }
            }
        }
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

    private double votes(List<Sight> own, double start) {
        double sum = 0;
        for (Sight sight : own) {
            double nearest = placed.stream()
                    .filter(p -> maybeSame(sight, p.sight()))
                    .mapToDouble(p -> Math.abs(start + sight.middle() - p.at()))
                    .min()
                    .orElse(AGREE_MM);
            double worth = sight.names().isEmpty() ? worth(sight.kind()) : NAMED;
            sum += worth * Math.max(0, 1 - nearest / AGREE_MM);
        }
        return sum;
    }

    private static double worth(FindingKind kind) {
        return RARE.getOrDefault(kind, 0.8);
    }

    private static boolean maybeSame(Sight a, Sight b) {
        return a.kind() == b.kind() && a.ties() && b.ties() && SightGroups.alike(a, b);
    }
}
