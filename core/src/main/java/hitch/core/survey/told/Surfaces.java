package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What the ground above the line is covered with, stretch by stretch. */
public final class Surfaces {
    /** One stretch, or a place such as a tree's, of the line. */
    public record Above(Extent extent, Surface surface) {}

    private final List<Above> all;

    private Surfaces(List<Above> all) {
        this.all = List.copyOf(all);
    }

    /** By what was noted of stretches, in order of station. */
    public static Surfaces of(List<LocatedFinding> findings) {
        return new Surfaces(findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.SURFACE
                        && f.branch().equals(Branch.LINE)
                        && f.extent().isPresent())
                .flatMap(
                        f -> f
                                .finding()
                                .traits()
                                .details()
                                .get(Detail.SURFACE)
                                .map(s -> new Above(f.extent().get(), s))
                                .stream())
                .sorted(Comparator.comparing((Above a) -> a.extent().from()))
                .toList());
    }

    public List<Above> all() {
        return all;
    }

    /** Everything that lies above a stretch, in order of station, each once. */
    public List<Surface> over(Extent extent) {
        return all.stream()
                .filter(a -> a.extent()
                        .common(extent)
                        .filter(e ->
                                !e.isPoint() || extent.isPoint() || a.extent().isPoint())
                        .isPresent())
                .map(Above::surface)
                .distinct()
                .toList();
    }

    /** In words, such as {@code under the lawn and the driveway}; empty where nobody said. */
    public String words(Extent extent) {
        List<String> above = over(extent).stream().map(Surface::above).toList();
        return String.join(" and ", above);
    }

    /** What lies above a station; the shortest stretch that covers it tells. */
    public Optional<Surface> at(Station station) {
        return all.stream()
                .filter(a -> a.extent().covers(station))
                .min(Comparator.comparing((Above a) -> a.extent().length()))
                .map(Above::surface);
    }
}
