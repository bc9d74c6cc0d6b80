package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Lists what was not seen and why, as far as the footage and the notes tell. */
final class Limits {
    /** Shorter stretches are not worth a line. */
    private static final long SHORTEST_MM = Math.round(0.3 * Distance.MM_PER_FOOT);
    /** A note made this near to where the camera stopped tells why. */
    private static final long NEAR_MM = Math.round(4 * Distance.MM_PER_FOOT);

    private final Evidence evidence;

    private final List<OpeningLeft> left;

    Limits(Evidence evidence, List<OpeningLeft> left) {
        this.evidence = evidence;
        this.left = left;
    }

    List<Limit> of(List<Way> ways, Seeing seeing) {
        List<Limit> limits = new ArrayList<>();
        for (Way way : ways) {
            if (!way.upperKnown()) {
                limits.add(beyond(way, way.whole().from()));
            }
            seeing.parts().stream()
                    .filter(p -> p.branch().equals(way.name()) && p.best() != Look.WELL)
                    .filter(p -> p.extent().length().mm() >= SHORTEST_MM)
                    .forEach(p -> limits.add(new Limit(
                            way.name(),
                            Optional.of(p.extent()),
                            p.extent(),
                            p.best(),
                            p.best() == Look.NOT_REACHED
                                    ? stopped(way, p.extent()).orElse(p.why())
                                    : p.why())));
            if (!way.lowerKnown()) {
                limits.add(beyond(way, way.whole().to()));
            }
        }
        branchesNotEntered(ways, limits);
        return List.copyOf(limits);
    }

    private Limit beyond(Way way, Station end) {
        Extent at = Extent.at(end);
        return new Limit(
                way.name(),
                Optional.empty(),
                at,
                Look.NOT_REACHED,
                stopped(way, at).orElse("the camera went no further"));
    }

    /** What a note says of why the camera stopped at an end of a stretch. */
    private Optional<String> stopped(Way way, Extent extent) {
        return evidence.on(way.name(), FindingKind.LIMIT)
                .filter(f -> near(f, extent.from()) || near(f, extent.to()))
                .findFirst()
                .map(f -> f.finding().wording()
                        + left.stream()
                                .filter(o -> o.stop().equals(f.finding().id()))
                                .map(o -> "; " + o.words())
                                .findFirst()
                                .orElse(""));
    }

    private static boolean near(LocatedFinding found, Station station) {
        return found.extent().orElseThrow().middle().to(station).mm() <= NEAR_MM;
    }

    /** A branch that was seen coming in and that no run went into. */
    private void branchesNotEntered(List<Way> ways, List<Limit> limits) {
        Map<String, Station> joins = evidence.tied().joins();
        for (Way way : ways) {
            evidence.on(way.name(), FindingKind.TIE_IN)
                    .filter(f -> ways.stream()
                            .filter(Way::isBranch)
                            .noneMatch(w -> Optional.ofNullable(joins.get(w.name()))
                                    .filter(j -> near(f, j))
                                    .isPresent()))
                    .forEach(f -> limits.add(new Limit(
                            way.name(),
                            Optional.empty(),
                            f.extent().orElseThrow(),
                            Look.NOT_REACHED,
                            f.finding().phrase().toLowerCase(Locale.ROOT) + ": no run went into it")));
        }
        for (Branch branch : evidence.tied().branches()) {
            if (ways.stream().noneMatch(w -> w.name().equals(branch.name()))) {
                limits.add(new Limit(
                        branch.name(),
                        Optional.empty(),
                        Extent.at(joins.getOrDefault(branch.name(), Station.DATUM)),
                        Look.NOT_REACHED,
                        "no run went into " + Way.wordsOf(branch.name())));
            }
        }
    }
}
