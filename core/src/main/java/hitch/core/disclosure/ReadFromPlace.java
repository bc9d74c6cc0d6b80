package hitch.core.disclosure;

import hitch.core.finding.FindingKind;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Survey;
import java.util.Optional;

/** Where the places are that a recipient may have its distances read from. */
final class ReadFromPlace {
    private ReadFromPlace() {}

    /**
     * @param part the public part, for who sees that alone
     */
    static Optional<Station> of(Survey survey, Optional<PublicPart> part, ReadFrom from) {
        return switch (from) {
            case OPENING -> Optional.of(Station.DATUM);
            case WALL -> survey.line().wall();
            case BOUNDARY ->
                part.map(PublicPart::boundary)
                        .orElseGet(() -> survey.line().whose().boundary());
            case MAIN ->
                survey.findings().stream()
                        .filter(f -> f.finding().kind() == FindingKind.MAIN_CONNECTION
                                && f.branch().equals(Branch.LINE)
                                && !f.finding().certainty().isGuess())
                        .flatMap(f -> f.extent().stream())
                        .map(Extent::from)
                        .findFirst();
        };
    }
}
