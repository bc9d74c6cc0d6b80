package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What brought what about. Clearing a cause settles its effects. */
public final class Causes {
    /** What is named as a cause lies no farther away than this from its effect. */
    static final Distance NEAR = Distance.feet(6);

    private final Map<FindingId, FindingId> causeOf = new HashMap<>();

    private Causes() {}

    /**
     * A cause that was said by its finding is that one; one that was said by its word is the nearest of that kind, and what a thing holds
     * back is the nearest of that kind likewise.
     */
    public static Causes of(List<LocatedFinding> findings) {
        Causes causes = new Causes();
        for (LocatedFinding found : findings) {
            Details details = found.finding().traits().details();
            details.get(Detail.CAUSED_BY)
                    .map(FindingId::new)
                    .filter(id -> findings.stream().anyMatch(f -> f.ids().contains(id)))
                    .or(() -> details.get(Detail.CAUSE)
                            .flatMap(word -> nearest(findings, found, word))
                            .map(f -> f.finding().id()))
                    .filter(id -> !id.equals(found.finding().id()))
                    .ifPresent(id -> causes.causeOf.put(found.finding().id(), id));
        }
        for (LocatedFinding found : findings) {
            found.finding()
                    .traits()
                    .details()
                    .get(Detail.HOLDS)
                    .flatMap(word -> nearest(findings, found, word))
                    .filter(held ->
                            !causes.leadsTo(found.finding().id(), held.finding().id()))
                    .ifPresent(held -> causes.causeOf.putIfAbsent(
                            held.finding().id(), found.finding().id()));
        }
        return causes;
    }

    private static Optional<LocatedFinding> nearest(List<LocatedFinding> findings, LocatedFinding to, String word) {
        return findings.stream()
                .filter(f -> f != to
                        && f.finding().kind().word().equals(word)
                        && f.branch().equals(to.branch()))
                .filter(f -> apart(f, to).filter(d -> d.compareTo(NEAR) <= 0).isPresent())
                .min(Comparator.comparing((LocatedFinding f) -> apart(f, to).orElseThrow()));
    }

    private static Optional<Distance> apart(LocatedFinding a, LocatedFinding b) {
        return a.extent().flatMap(x -> b.extent().map(y -> between(x, y)));
    }

    private static Distance between(Extent a, Extent b) {
        if (a.from().compareTo(b.to()) <= 0 && b.from().compareTo(a.to()) <= 0) {
            return Distance.ZERO;
        }
        return a.to().compareTo(b.from()) < 0 ? a.to().to(b.from()) : b.to().to(a.from());
    }

    /** What brought a finding about. */
    public Optional<FindingId> of(FindingId effect) {
        return Optional.ofNullable(causeOf.get(effect));
    }

    /** Whether {@code cause} stands behind {@code effect}, over however many others. */
    public boolean leadsTo(FindingId effect, FindingId cause) {
        FindingId at = causeOf.get(effect);
        for (int i = 0; at != null && i <= causeOf.size(); i++) {
            if (at.equals(cause)) {
                return true;
            }
            at = causeOf.get(at);
        }
        return false;
    }
}
