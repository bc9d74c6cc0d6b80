package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.line.LineFacts;
import hitch.core.measure.Station;
import hitch.core.rules.LineRules;
import hitch.core.survey.align.Tied;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that the line is reckoned from.
 *
 * @param tied the runs on one line
 * @param findings each thing once, in order of station
 * @param clips the footage
 * @param watched what a look through each clip found
 * @param facts what a person knows of the line
 * @param rules the firm's numbers
 */
public record Evidence(
        Tied tied,
        List<LocatedFinding> findings,
        List<Clip> clips,
        Map<ClipId, Watched> watched,
        LineFacts facts,
        LineRules rules) {

    /** Where the line meets the main. */
    Optional<Station> main() {
        return PublicMain.at(facts, findings);
    }

    /** Findings of a kind that have a station, on one branch. */
    Stream<LocatedFinding> on(String branch, FindingKind kind) {
        return findings.stream()
                .filter(f -> f.finding().kind() == kind
                        && f.branch().equals(branch)
                        && f.extent().isPresent());
    }
}
