package hitch.core.talk;

import hitch.core.finding.LocatedFinding;
import java.util.List;
import java.util.Optional;

/** Findings that look like one and were not said to be two. */
public final class Twins {
    private Twins() {}

    /** The earlier finding that {@code found} is likely another sighting of. */
    public static Optional<LocatedFinding> of(LocatedFinding found, List<LocatedFinding> all) {
        return all.stream()
                .filter(other -> number(other) < number(found))
                .filter(other -> !found.finding()
                                .apart()
                                .contains(other.finding().id())
                        && !other.finding().apart().contains(found.finding().id()))
                .filter(other -> SameFeature.isSame(found, other))
                .findFirst();
    }

    private static int number(LocatedFinding found) {
        return Integer.parseInt(found.finding().id().value().replaceAll("\\D", ""));
    }
}
