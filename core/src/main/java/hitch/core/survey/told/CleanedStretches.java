package hitch.core.survey.told;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Extent;
import hitch.core.run.Phase;
import java.util.List;
import java.util.Optional;

/** From where to where the pipe was cleaned; what is seen afterwards outside of it is from beyond the cleaning. */
public final class CleanedStretches {
    private final List<Extent> cleaned;

    private CleanedStretches(List<Extent> cleaned) {
        this.cleaned = cleaned;
    }

    /** By the stretches that were typed. */
    public static CleanedStretches of(List<Finding> findings) {
        return new CleanedStretches(findings.stream()
                .filter(f -> f.kind() == FindingKind.CLEANED)
                .flatMap(f -> f.typed().stream())
                .filter(e -> !e.isPoint())
                .toList());
    }

    /** The phase of what lies at {@code extent} and is said, or taken from its run, to be of {@code phase}. */
    public Phase phase(Phase phase, Optional<Extent> extent) {
        boolean outside = !cleaned.isEmpty()
                && extent.isPresent()
                && cleaned.stream().noneMatch(c -> c.covers(extent.get().middle()));
        return phase == Phase.AFTER && outside ? Phase.BEYOND : phase;
    }
}
