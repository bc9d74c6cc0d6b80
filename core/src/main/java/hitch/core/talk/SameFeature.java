package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.WithFlow;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.note.Draft;
import hitch.core.run.Run;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Knows a feature again on another pass: the same kind, a station within a tolerance that grows with the doubt of both,
 * and clock positions that do not speak against it.
 */
public final class SameFeature {
    /** Apart at most, where both stations are sure; people look ahead by about as much. */
    private static final double SURE_FT = 2.5;
    /** As much more where a station is only guessed. */
    private static final double DOUBT_FT = 5;

    private static final int HOURS_APART = 2;

    private SameFeature() {}

    /**
     * The finding that {@code draft}, seen at {@code extent}, is most likely another sighting of.
     *
     * @param run the run it was said on; empty for none
     */
    public static Optional<LocatedFinding> of(
            Draft draft, Extent extent, Optional<Run> run, double confidence, List<LocatedFinding> findings) {
        boolean feature = draft.matter() instanceof FindingKind k
                && k.family() != FindingKind.Family.TOLD
                && k != FindingKind.REMARK
                && draft.certainty() != Certainty.RULED_OUT;
        if (!feature) {
            return Optional.empty();
        }
        return findings.stream()
                .filter(f -> f.extent().isPresent())
                .filter(f -> isSame(
                        draft.kind(), WithFlow.clock(draft.traits(), run.map(Run::direction)), extent, confidence, f))
                .min(Comparator.comparingLong(f -> apart(f.extent().orElseThrow(), extent)));
    }

    /** Whether two findings are likely one. */
    public static boolean isSame(LocatedFinding a, LocatedFinding b) {
        return a.extent().isPresent()
                && b.extent().isPresent()
                && isSame(a.finding().kind(), WithFlow.clock(a), a.extent().get(), a.confidence(), b);
    }

    private static boolean isSame(
            FindingKind kind, Optional<ClockPosition> clock, Extent extent, double confidence, LocatedFinding other) {
        double doubt = (1 - Math.clamp(confidence, 0, 1)) + (1 - Math.clamp(other.confidence(), 0, 1));
        double reach = Distance.feet(SURE_FT + DOUBT_FT * Math.min(1, doubt)).mm();
        return other.finding().kind() == kind
                && kind != FindingKind.REMARK
                && apart(other.extent().orElseThrow(), extent) <= reach
                && agree(clock, WithFlow.clock(other));
    }

    /** Millimetres between the nearest points of two extents; 0 where they overlap. */
    private static long apart(Extent a, Extent b) {
        return Math.max(0, Math.max(a.from().mm() - b.to().mm(), b.from().mm() - a.to().mm()));
    }

    private static boolean agree(Optional<ClockPosition> a, Optional<ClockPosition> b) {
        if (a.isEmpty() || b.isEmpty() || a.get().all() || b.get().all()) {
            return true;
        }
        double apart = Math.abs(a.get().middle() - b.get().middle());
        return Math.min(apart, 12 - apart) <= HOURS_APART;
    }
}
