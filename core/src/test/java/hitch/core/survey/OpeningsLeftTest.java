package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.LineJson;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.run.Equipment;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Run;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Stops of the sample's camera, which goes 60 ft down in the first minute: a 1 1/4 in head in a 3 in guide. */
class OpeningsLeftTest {
    private static Job guided() {
        Job job = Sample.job();
        Run run = job.runOf(Sample.DOWN).orElseThrow();
        return job.with(new Edit.PutRun(run.with(
                new Equipment(Optional.of(Distance.inches(1.25)), Guide.ON, Optional.of(Distance.inches(3))))));
    }

    private static List<OpeningLeft> left(Job job) {
        return Reckoner.survey(job).line().openingsLeft();
    }

    @Test
    void stoppedWithTheGuideAndPassedWithoutBoundsWhatIsLeft() {
        Job job = Sample.note(guided(), Sample.DOWN, 30, "stopped at 30 with the guide on, roots");
        job = Sample.note(job, Sample.DOWN, 30.2, "guide off");
        assertThat(left(job)).singleElement().satisfies(o -> {
            assertThat(o.passed()).isTrue();
            assertThat(o.more()).contains(Distance.inches(1.25));
            assertThat(o.less()).contains(Distance.inches(3));
            assertThat(o.words())
                    .isEqualTo(
                            "stopped with the guide on, passed without: what is left open is 1 1/4 in or more and under"
                                    + " 3 in");
        });
        Survey survey = Reckoner.survey(job);
        assertThat(Disclosure.of(survey, Recipient.HOMEOWNER).unseen())
                .anyMatch(s -> s.startsWith("At 30.0 ft toward the main: stopped with the guide on"));
        assertThat(LineJson.write(survey)).contains("\"under\" : \"3 in\"");
    }

    @Test
    void aStopThatWasNotTriedWithLessIsTheGearsAndNotThePipes() {
        Job job = Sample.note(guided(), Sample.DOWN, 60, "stopped at 60 with the guide on");
        assertThat(left(job)).singleElement().satisfies(o -> {
            assertThat(o.passed()).isFalse();
            assertThat(o.words()).contains("other gear may");
        });
        assertThat(Reckoner.survey(job).line().limits())
                .anyMatch(l -> l.why().contains("what this gear did not pass, other gear may"));
    }

    @Test
    void whereTheSameGearPassedAfterAllNothingIsBounded() {
        assertThat(left(Sample.note(guided(), Sample.DOWN, 30, "stopped at 30 with the guide on")))
                .isEmpty();
    }

    @Test
    void gearOfWhichNobodySaidAnythingTellsNothing() {
        assertThat(left(Sample.note(Sample.job(), Sample.DOWN, 60, "stopped at 60")))
                .isEmpty();
    }

    @Test
    void withoutSizesItIsToldThatItLiesBetweenTheTwo() {
        Job job = Sample.job();
        Run run = job.runOf(Sample.DOWN).orElseThrow();
        job = job.with(new Edit.PutRun(run.with(new Equipment(Optional.empty(), Guide.ON))));
        job = Sample.note(Sample.note(job, Sample.DOWN, 30, "stopped at 30"), Sample.DOWN, 30.5, "skid off at 30");
        assertThat(left(job))
                .singleElement()
                .satisfies(o -> assertThat(o.words()).contains("between the two"));
    }
}
