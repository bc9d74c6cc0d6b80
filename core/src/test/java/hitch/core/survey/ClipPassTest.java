package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.Heading;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.run.Phase;
import org.junit.jupiter.api.Test;

class ClipPassTest {
    private final Survey survey = Reckoner.survey(Sample.job());

    private static Station feet(double feet) {
        return Station.DATUM.plus(Distance.feet(feet));
    }

    @Test
    void outAndBackOfOneClipAreTwo() {
        assertThat(ClipPass.of(survey))
                .contains(new ClipPass(Sample.DOWN, Heading.OUT), new ClipPass(Sample.DOWN, Heading.BACK))
                .doesNotHaveDuplicates();
    }

    @Test
    void eachComesByThePlaceAtItsOwnTime() {
        Station place = feet(20);
        FrameRef out = new ClipPass(Sample.DOWN, Heading.OUT).at(survey, place).orElseThrow();
        FrameRef back =
                new ClipPass(Sample.DOWN, Heading.BACK).at(survey, place).orElseThrow();
        assertThat(out.pts()).isLessThan(back.pts());
        for (FrameRef frame : new FrameRef[] {out, back}) {
            assertThat(survey.stationAt(frame).orElseThrow().to(place).compareTo(Distance.feet(0.25)))
                    .isNegative();
        }
        assertThat(new ClipPass(Sample.DOWN, Heading.OUT).at(survey, feet(-10))).isEmpty();
    }

    @Test
    void itsWordsTellAPhase() {
        assertThat(new ClipPass(Sample.DOWN, Heading.BACK).words(survey)).isEqualTo("down.mp4, back");
        Job cleaned = Sample.job();
        cleaned = cleaned.with(
                new Edit.PutRun(cleaned.runOf(Sample.DOWN).orElseThrow().in(Phase.AFTER)));
        assertThat(new ClipPass(Sample.DOWN, Heading.OUT).words(Reckoner.survey(cleaned)))
                .isEqualTo("down.mp4, out, " + Phase.AFTER.word());
    }
}
