package hitch.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.counter.Counted;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.UnitHints;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.survey.Reckoner;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a job tells of a counter's unit, and the answer to the question that is left. */
class UnitSignsTest {
    private static Job read(Job job, LengthUnit unit, boolean sure) {
        return job.with(new Edit.ReadCounter(
                Sample.UP,
                List.of(new Reading(20_000, Distance.feet(10), MarkSource.READ_OFF)),
                List.of(),
                Optional.empty(),
                Optional.of(new Counted(unit, sure, true))));
    }

    private static UnitHints of(Job job) {
        return UnitSigns.of(job, Sample.clip(Sample.DOWN, 120));
    }

    @Test
    void aJobThatNobodyDescribedTellsNothing() {
        Job job = Sample.job().with(new Edit.DescribeProperty(PropertyFacts.BLANK));
        assertThat(of(job)).isEqualTo(UnitHints.NONE);
        assertThat(of(Sample.job()).job()).isEqualTo(CounterUnit.FEET);
        assertThat(of(Sample.job()
                                .with(new Edit.DescribeProperty(
                                        Sample.job().facts().in(LengthUnit.METRES))))
                        .job())
                .isEqualTo(CounterUnit.METRES);
    }

    @Test
    void anotherClipThatIsSureTells() {
        assertThat(of(read(Sample.job(), LengthUnit.METRES, true)).others()).isEqualTo(CounterUnit.METRES);
        assertThat(of(read(Sample.job(), LengthUnit.METRES, false)).others()).isEqualTo(CounterUnit.UNSAID);
    }

    @Test
    void wordsOfTheClipsOwnCommentaryTell() {
        Commentary said = new Commentary(
                "c",
                Sample.DOWN,
                "said.srt",
                List.of(new Cue(0, 4, "Roots at nine metres, two metres more."), new Cue(5, 9, "Three feet in.")),
                0,
                Map.of());
        UnitHints hints = of(Sample.job().with(new Edit.PutCommentary(said)));
        assertThat(hints.saidMetres()).isEqualTo(2);
        assertThat(hints.saidFeet()).isEqualTo(1);
    }

    @Test
    void oneAnswerHoldsForWhatWasReadAndRaisesItsTrust() {
        Job job = read(Sample.job(), LengthUnit.FEET, false);
        Job answered = job.with(new Edit.SayCounterUnit(LengthUnit.METRES));
        assertThat(answered.marksOf(Sample.UP)).contains(new Reading(20_000, Distance.metres(10), MarkSource.READ_OFF));
        assertThat(answered.counterOf(Sample.UP).counted().orElseThrow().unitSure())
                .isTrue();
        assertThat(trust(job)).isLessThan(0.8);
        assertThat(trust(answered)).isGreaterThan(0.8);
    }

    private static double trust(Job job) {
        return Reckoner.survey(job).traces().get(Sample.UP).confidenceAt(20_000);
    }
}
