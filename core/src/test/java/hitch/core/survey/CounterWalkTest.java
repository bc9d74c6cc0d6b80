package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Where somebody is asked about a clip's counter. */
class CounterWalkTest {
    private static final Rhythm.Slip SLIP = new Rhythm.Slip(
            new Station(Distance.feet(20).mm()), new Station(Distance.feet(26).mm()), "The joints are out of step.");

    private static List<CounterWalk.Stop> stops(Job job, Rhythm joints) {
        Clip clip = job.clip(Sample.DOWN).orElseThrow();
        return CounterWalk.of(clip, job.marksOf(Sample.DOWN), Reckoner.survey(job), joints);
    }

    private static Rhythm slipped(Rhythm.Slip... slips) {
        return new Rhythm(List.of(), List.of(), List.of(), List.of(slips), List.of());
    }

    @Test
    void aCounterThatIsKnownByHandIsNotAskedAbout() {
        assertThat(stops(Sample.job(), Rhythm.NONE)).isEmpty();
    }

    @Test
    void whatWasReadAsSetAnewIsAskedAboutUntilSomebodySaidSo() {
        Zeroing zeroed = new Zeroing(70_000, Distance.feet(50), Distance.ZERO, MarkSource.READ_OFF);
        Zeroing set = new Zeroing(90_000, Distance.feet(30), Distance.feet(12), MarkSource.READ_OFF);
        Job job = Sample.job().with(new Edit.SetMark(Sample.DOWN, set)).with(new Edit.SetMark(Sample.DOWN, zeroed));
        assertThat(stops(job, Rhythm.NONE))
                .filteredOn(s -> s.zeroing().isPresent())
                .extracting(CounterWalk.Stop::pts, CounterWalk.Stop::question, CounterWalk.Stop::reading)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(70_000L, "Was the counter zeroed here", "0.0"),
                        org.assertj.core.groups.Tuple.tuple(90_000L, "Was the counter set to 12.0 ft here", "12.0"));
        Job said = job.with(new Edit.RemoveMark(Sample.DOWN, set))
                .with(new Edit.SetMark(Sample.DOWN, new Zeroing(90_000, set.cable(), set.shown(), MarkSource.BY_HAND)));
        assertThat(stops(said, Rhythm.NONE))
                .filteredOn(s -> s.zeroing().isPresent())
                .extracting(CounterWalk.Stop::pts)
                .containsExactly(70_000L);
    }

    @Test
    void aSlipIsAskedAboutInItsMiddleUnlessTheCounterWasReadThereByHand() {
        assertThat(stops(Sample.job(), slipped(SLIP))).singleElement().satisfies(stop -> {
            assertThat(stop.pts()).isBetween(20_000L, 26_000L);
            assertThat(stop.question()).isEqualTo("The joints are out of step");
            assertThat(Double.parseDouble(stop.reading())).isBetween(22.5, 23.5);
            assertThat(stop.zeroing()).isEmpty();
        });
        Job read = Sample.job().with(new Edit.SetMark(Sample.DOWN, Reading.byHand(23_000, Distance.feet(23))));
        assertThat(stops(read, slipped(SLIP))).isEmpty();
    }

    @Test
    void aSlipWhereTheCameraNeverWasIsNotAskedAbout() {
        Rhythm.Slip beyond = new Rhythm.Slip(
                new Station(Distance.feet(70).mm()),
                new Station(Distance.feet(76).mm()),
                "Out of step.");
        assertThat(stops(Sample.job(), slipped(beyond))).isEmpty();
    }

    @Test
    void theyAreInTheOrderOfTimeAndCountedOverAllClips() {
        Zeroing zeroed = new Zeroing(10_000, Distance.feet(10), Distance.ZERO, MarkSource.READ_OFF);
        Job job = Sample.job().with(new Edit.SetMark(Sample.DOWN, zeroed));
        List<CounterWalk.Stop> stops = stops(job, slipped(SLIP));
        assertThat(stops).extracting(CounterWalk.Stop::pts).isSorted();
        assertThat(CounterWalk.open(job, Reckoner.survey(job), Map.of(Sample.DOWN, slipped(SLIP))))
                .isEqualTo(stops.size());
        Job without = job.with(new Edit.LeaveOutClip(Sample.DOWN));
        assertThat(CounterWalk.open(without, Reckoner.survey(without), Map.of()))
                .isZero();
    }

    @Test
    void aClipWhoseCounterNobodyKnowsIsNotAskedAbout() {
        Job job = Sample.job();
        Clip yard = job.clip(Sample.YARD).orElseThrow();
        assertThat(CounterWalk.of(yard, List.of(), Reckoner.survey(job), slipped(SLIP)))
                .isEmpty();
    }
}
