package hitch.core.survey;

import static hitch.core.LineJob.at;
import static hitch.core.LineJob.feet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.Judge;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.Branch;
import hitch.core.run.Direction;
import hitch.core.story.Wording;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A camera that was pushed on into the public main: 50 ft of line, then 20 ft of main. */
class PublicMainTest {
    private static LineJob job() {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 70)
                .note("street", 0, "4 in clay")
                .note("street", 50, "main connection")
                .note("street", 58, "standing water 56 to 60, 20%")
                .note("street", 62, "roots heavy");
    }

    private static LocatedFinding roots(Survey survey) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.ROOTS)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theLineEndsAtTheMainHoweverFarTheCameraWentOn() {
        Line line = job().line();
        assertThat(line.main().orElseThrow().whole().to()).isEqualTo(at(50));
        assertThat(feet(new hitch.core.measure.Station(line.seeing().mm()))).isCloseTo(50, within(0.01));
        assertThat(line.lengths()).allSatisfy(r -> assertThat(r.beyond().mm()).isZero());
        assertThat(line.inMain().orElseThrow().length().inFeet()).isCloseTo(20, within(0.01));
        assertThat(line.beyond(LengthUnit.FEET).orElseThrow()).contains("20.0 ft in the main");
    }

    @Test
    void whatIsSeenInTheMainIsThePublicsAndCountedNowhere() {
        Survey survey = job().survey();
        LocatedFinding roots = roots(survey);
        assertThat(roots.branch()).isEqualTo(Branch.MAIN);
        assertThat(Wording.place(roots, survey.line(), survey.facts().unit())).isEqualTo("12.0 ft into the main");
        assertThat(survey.line().isOwners(roots)).contains(false);
        assertThat(survey.standingWater().mm()).isZero();
        assertThat(survey.line().events()).isEmpty();
        assertThat(Judge.judge(survey).asks())
                .noneMatch(a -> a.findings().contains(roots.finding().id()));
    }

    @Test
    void aSagThatReachesIntoTheMainCountsAsFarAsTheLineGoes() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 70)
                .note("street", 50, "main connection")
                .note("street", 45, "standing water 45 to 55, 20%")
                .survey();
        assertThat(survey.standingWater().inFeet()).isCloseTo(5, within(0.01));
    }

    @Test
    void aThingMarkedJustPastTheConnectionIsStillOfTheLine() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 51)
                .note("street", 50, "main connection")
                .note("street", 50.4, "roots light")
                .survey();
        assertThat(roots(survey).branch()).isEqualTo(Branch.LINE);
        assertThat(survey.line().isOwners(roots(survey))).contains(true);
    }

    @Test
    void aTypedMainEndsTheLineToo() {
        LineJob job =
                new LineJob().run("street", Direction.WITH_FLOW, 0, 70).facts(f -> f.withMain(Optional.of(at(60))));
        assertThat(job.line().main().orElseThrow().whole().to()).isEqualTo(at(60));
        assertThat(job.line().inMain().orElseThrow().length().inFeet()).isCloseTo(10, within(0.01));
    }
}
