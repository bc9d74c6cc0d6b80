package hitch.core.story;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Chooses what a recipient is shown and in which order. */
final class Selection {
    private Selection() {}

    static List<LocatedFinding> of(Survey survey, Audience audience) {
        List<LocatedFinding> shown = new ArrayList<>();
        Optional<Station> boundary = boundary(survey);
        for (Run run : survey.runs()) {
            survey.findings().stream()
                    .filter(f -> f.run().filter(run::equals).isPresent())
                    .filter(f -> audience != Audience.DISTRICT || districts(f, boundary))
                    .sorted(Comparator.comparing((LocatedFinding f) -> fromOpening(run, f)))
                    .forEach(shown::add);
        }
        if (audience != Audience.DISTRICT) {
            // Footage that is on no run is above ground: yards, houses, people. It never goes to a district.
            survey.findings().stream().filter(f -> f.run().isEmpty()).forEach(shown::add);
        }
        return List.copyOf(shown);
    }

    private static long fromOpening(Run run, LocatedFinding found) {
        return found.extent()
                .map(e -> Math.min(
                        e.from().to(run.start()).mm(), e.to().to(run.start()).mm()))
                .orElse(Long.MAX_VALUE);
    }

    /** A district's part is what reaches to or past the boundary, or the main connection where none is marked. */
    private static boolean districts(LocatedFinding found, Optional<Station> boundary) {
        if (boundary.isEmpty()) {
            return found.finding().kind() == FindingKind.MAIN_CONNECTION;
        }
        return found.extent().map(e -> e.to().compareTo(boundary.get()) >= 0).orElse(false);
    }

    static Optional<Station> boundary(Survey survey) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.BOUNDARY)
                .flatMap(f -> f.extent().stream())
                .map(Extent::from)
                .max(Comparator.naturalOrder());
    }
}
