package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.LineJson;
import hitch.core.finding.FindingId;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.run.Equipment;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Run;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What of the wall stays hidden in the sample pipe: 60 ft down in the first minute, back in the second. */
class HiddenWallTest {
    private static List<HiddenWall> hidden(Job job) {
        return Reckoner.survey(job).line().seeing().hidden();
    }

    private static Job sighted(Job job, double second) {
        return job.with(new Edit.PutCommentary(
                        new hitch.core.talk.Commentary("c", Sample.DOWN, "c.srt", List.of(), 0, java.util.Map.of())))
                .with(new Edit.SightSpoken(
                        "c",
                        "k",
                        new FindingId("F1"),
                        new Sighting(new FrameRef(Sample.DOWN, Math.round(second * 1000)), "")));
    }

    @Test
    void waterThatWasThereOnOnePassAloneHidesNothing() {
        Job once = Sample.note(Sample.job(), Sample.DOWN, 22, "standing water 20-26, 20%");
        assertThat(hidden(once)).isEmpty();
    }

    @Test
    void waterOnBothPassesHidesTheBottomByItsDepth() {
        Job both = sighted(Sample.note(Sample.job(), Sample.DOWN, 22, "standing water 20-26, 20%"), 98);
        assertThat(hidden(both)).singleElement().satisfies(w -> {
            assertThat(w.hidden().words()).isEqualTo("from 5 to 7 o'clock");
            assertThat(w.by()).isEqualTo("standing water");
            assertThat(w.extent().from().fromDatum()).isEqualTo(Distance.feet(20));
            assertThat(w.extent().to().fromDatum()).isEqualTo(Distance.feet(26));
        });
        Survey survey = Reckoner.survey(both);
        assertThat(Disclosure.of(survey, Recipient.BUYER).unseen())
                .anyMatch(s -> s.contains("20.0 to 26.0 ft") && s.contains("25 % of the wall"));
        assertThat(LineJson.write(survey)).contains("wall_hidden").contains("from 5 to 7 o'clock");
    }

    @Test
    void whatIsHiddenOnOnePassIsLessWhereTheOtherShowsAPartOfIt() {
        Job job = sighted(Sample.note(Sample.job(), Sample.DOWN, 22, "standing water 20-26, 20%"), 98);
        job = Sample.note(job, Sample.DOWN, 40, "roots top heavy 38-42");
        // Roots that were noted on the way out alone were not in the way coming back.
        assertThat(hidden(job)).hasSize(1);
    }

    @Test
    void aLowHeadDoesNotSeeTheCrownOfAWiderPipe() {
        Job job = Sample.job();
        Run run = job.runOf(Sample.DOWN).orElseThrow();
        Equipment bare = new Equipment(Optional.of(Distance.inches(1)), Guide.OFF);
        assertThat(hidden(job.with(new Edit.PutRun(run.with(bare)))))
                .singleElement()
                .satisfies(w -> {
                    assertThat(w.hidden().words()).isEqualTo("from 11 to 1 o'clock");
                    assertThat(w.by()).isEqualTo("a low camera");
                });
        Equipment guided = new Equipment(Optional.of(Distance.inches(1)), Guide.ON);
        assertThat(hidden(job.with(new Edit.PutRun(run.with(guided))))).isEmpty();
    }

    @Test
    void aGuideThatCameOffHalfWayHidesTheCrownFromThereOnAlone() {
        Job job = Sample.job();
        Run run = job.runOf(Sample.DOWN).orElseThrow();
        job = job.with(new Edit.PutRun(run.with(new Equipment(Optional.of(Distance.inches(1)), Guide.ON))));
        job = Sample.note(job, Sample.DOWN, 30, "skid off");
        // Going out the guide came off at 30 ft; coming back it was off all the way.
        assertThat(hidden(job))
                .singleElement()
                .satisfies(w -> assertThat(w.extent().from().fromDatum()).isEqualTo(Distance.feet(30)));
    }

    @Test
    void aNoteThatAPartWasHiddenTellsWhichAndWhy() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 22, "couldn't see the bottom 20-26, flow");
        List<HiddenWall> walls = hidden(job);
        assertThat(walls)
                .singleElement()
                .satisfies(w -> assertThat(w.hidden().has(6)).isTrue());
    }

    @Test
    void aDistrictIsToldOfItsOwnPartAlone() {
        Job job = sighted(Sample.note(Sample.job(), Sample.DOWN, 22, "standing water 20-26, 20%"), 98);
        job = Sample.note(job, Sample.DOWN, 23, "boundary at 23");
        assertThat(Disclosure.of(Reckoner.survey(job), Recipient.DISTRICT).unseen())
                .anyMatch(s -> s.contains("23.0 to 26.0 ft"))
                .noneMatch(s -> s.contains("20.0"));
    }
}
