package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.footage.Stretch;
import hitch.core.footage.Stretch.Reason;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The sample run goes out at a foot a second for a minute and comes back as fast. */
class SeenWellTest {
    private static List<SeenPart> unseen(Stretch... stretches) {
        Survey survey =
                Reckoner.survey(Sample.job(), Map.of(Sample.DOWN, hitch.core.footage.Watched.of(List.of(stretches))));
        return survey.unseen();
    }

    @Test
    void whatIsSeenWellComingBackWasSeen() {
        assertThat(unseen(new Stretch(20_000, 25_000, Reason.DAMAGED))).isEmpty();
    }

    @Test
    void whatEveryPassHidesWasNot() {
        assertThat(unseen(new Stretch(20_000, 25_000, Reason.DAMAGED), new Stretch(90_000, 100_000, Reason.DARK)))
                .anySatisfy(u -> {
                    assertThat(u.extent().from().fromDatum().inFeet()).isCloseTo(20, within(0.6));
                    assertThat(u.extent().to().fromDatum().inFeet()).isCloseTo(25, within(0.6));
                });
    }

    @Test
    void aStandingCameraHidesNothing() {
        assertThat(unseen(
                        new Stretch(20_000, 25_000, Reason.MOTIONLESS),
                        new Stretch(90_000, 100_000, Reason.MOTIONLESS)))
                .isEmpty();
    }

    @Test
    void aClipPutAsideIsReckonedWithNoMore() {
        Job job = Sample.marked();
        Job without = job.with(new Edit.SetAside(Sample.DOWN, true));
        assertThat(Reckoner.survey(without).findings())
                .allMatch(f -> !f.finding().frame().clip().equals(Sample.DOWN));
        assertThat(Reckoner.survey(without).clips()).extracting(c -> c.id()).doesNotContain(Sample.DOWN);
        Job again = without.with(new Edit.SetAside(Sample.DOWN, false));
        assertThat(Reckoner.survey(again).findings())
                .isEqualTo(Reckoner.survey(job).findings());
    }

    @Test
    void clipsAreReorderedAndUnnamedOnesStay() {
        Job job = Sample.job();
        var last = job.clips().getLast().id();
        Job other = job.with(new Edit.OrderClips(List.of(last)));
        assertThat(other.clips().getFirst().id()).isEqualTo(last);
        assertThat(other.clips()).hasSameSizeAs(job.clips());
    }
}
