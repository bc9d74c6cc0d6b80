package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.Heading;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Material;
import org.junit.jupiter.api.Test;

class ReckonerTest {
    private static LocatedFinding find(Survey survey, String id) {
        return survey.finding(new FindingId(id)).orElseThrow();
    }

    @Test
    void aFindingMovesWithACorrectedTrace() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 30, "roots top");
        assertThat(find(Reckoner.survey(job), "F1").extent())
                .contains(Extent.at(new Station(Distance.feet(30).mm())));
        Job corrected = job.with(new Edit.SetMark(Sample.DOWN, Sample.reading(30, 28)));
        assertThat(find(Reckoner.survey(corrected), "F1").extent())
                .contains(Extent.at(new Station(Distance.feet(28).mm())));
    }

    @Test
    void aTypedStationStays() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 30, "roots at 27 ft");
        Job corrected = job.with(new Edit.SetMark(Sample.DOWN, Sample.reading(30, 28)));
        assertThat(find(Reckoner.survey(corrected), "F1").extent())
                .contains(Extent.at(new Station(Distance.feet(27).mm())));
        assertThat(find(Reckoner.survey(corrected), "F1").confidence()).isEqualTo(1);
    }

    @Test
    void knowsTheWayOfThePass() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 30, "roots");
        job = Sample.note(job, Sample.DOWN, 90, "roots");
        assertThat(find(Reckoner.survey(job), "F1").heading()).isEqualTo(Heading.OUT);
        assertThat(find(Reckoner.survey(job), "F2").heading()).isEqualTo(Heading.BACK);
    }

    @Test
    void movingAFindingMovesItsStation() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 30, "roots")
                .with(new Edit.MoveFinding(new FindingId("F1"), new FrameRef(Sample.UP, 20_000)));
        assertThat(find(Reckoner.survey(job), "F1").extent())
                .contains(Extent.at(new Station(-Distance.feet(10).mm())));
    }

    @Test
    void readsAChangeTheWayTheCameraWent() {
        Job job = Sample.note(Sample.job(), Sample.UP, 20, "clay to cast iron");
        Survey survey = Reckoner.survey(job);
        assertThat(survey.spans().getFirst().material()).contains(Material.CAST_IRON);
        assertThat(survey.spans().getLast().material()).contains(Material.CLAY);
    }

    @Test
    void subtractsWhatTheCounterReadAtTheOpening() {
        Job job = Sample.job();
        var late = job.runOf(Sample.DOWN).orElseThrow();
        Job shifted = job.with(new Edit.PutRun(new hitch.core.run.Run(
                late.id(),
                late.name(),
                late.opening(),
                late.start(),
                late.direction(),
                Distance.feet(3),
                late.clips())));
        assertThat(Reckoner.survey(shifted).stationAt(new FrameRef(Sample.DOWN, 30_000)))
                .contains(new Station(Distance.feet(30).mm() - Distance.feet(3).mm()));
    }

    @Test
    void withoutReadingsNothingHasAStation() {
        Job job = Job.EMPTY.with(new Edit.PutClip(Sample.clip(Sample.DOWN, 60)));
        Survey survey = Reckoner.survey(Sample.note(job, Sample.DOWN, 5, "roots"));
        assertThat(survey.seen()).isEmpty();
        assertThat(survey.spans()).isEmpty();
        assertThat(survey.findings().getFirst().extent()).isEmpty();
        assertThat(survey.findings().getFirst().confidence()).isZero();
    }

    @Test
    void theSameJobGivesTheSameSurvey() {
        assertThat(Reckoner.survey(Sample.marked()).findings())
                .isEqualTo(Reckoner.survey(Sample.marked()).findings());
        assertThat(Judge.judge(Reckoner.survey(Sample.marked())))
                .isEqualTo(Judge.judge(Reckoner.survey(Sample.marked())));
    }
}
