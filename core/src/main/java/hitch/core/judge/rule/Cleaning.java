package hitch.core.judge.rule;

import hitch.core.finding.LocatedFinding;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.survey.Reach;
import java.util.List;
import java.util.Optional;

/** What a cleaning tool reaches. */
public final class Cleaning {
    private Cleaning() {}

    /** The best way in to the heaviest finding of a matter; empty where there is no opening, or no place. */
    public static Optional<Reach> bestReach(Matter m, Case c) {
        Optional<LocatedFinding> worst = m.worst();
        return worst.flatMap(f -> c.line().reaches(c.rules().line(), c.survey().findings()).to(f).stream()
                .findFirst());
    }

    /** Whether only a tool narrower than the pipe gets there. */
    public static boolean isTooNarrow(Reach reach) {
        return reach.passage() == Reach.Passage.NARROW
                && reach.narrowest().isPresent()
                && reach.there().isPresent();
    }

    /** Why the best way in is no better. */
    public static String why(Matter m, Case c) {
        return bestReach(m, c)
                .map(r -> "from " + r.opening().name() + ", " + r.because())
                .orElse("no opening is known");
    }

    /** Findings of a matter that no tool reaches from any opening, though one of them is known. */
    public static List<LocatedFinding> outOfReach(Matter m, Case c) {
        var reaches = c.line().reaches(c.rules().line(), c.survey().findings());
        return m.findings().stream()
                .filter(f -> {
                    List<Reach> to = reaches.to(f);
                    return !to.isEmpty() && to.stream().allMatch(r -> r.passage() == Reach.Passage.NOT);
                })
                .toList();
    }
}
