package hitch.core.talk.place;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.talk.OnClip;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TongueSlipsTest {
    @ParameterizedTest
    @CsvSource({
        "71, 52, 63, 61",
        "17, 66, 74, 70",
        "70, 15, 19, 17",
        "36, 60, 66, 63",
        "41, 50, 53, 51",
        "20.4, 30, 31, 30.4"
    })
    void findsWhatWasLikelyMeant(double said, double low, double high, double meant) {
        assertThat(TongueSlips.between(Distance.feet(said), Distance.feet(low), Distance.feet(high)))
                .contains(Distance.feet(meant));
    }

    @Test
    void offersNothingWhereNoSlipLeads() {
        assertThat(TongueSlips.between(Distance.feet(33), Distance.feet(47), Distance.feet(49)))
                .isEmpty();
        assertThat(TongueSlips.between(Distance.feet(5), Distance.feet(-20), Distance.feet(-1)))
                .isEmpty();
    }

    @Test
    void aClipsTraceTellsWhereTheCameraWas() {
        Run run = Sample.run("street run", Direction.WITH_FLOW, Sample.DOWN);
        Run lip = new Run(
                run.id(), run.name(), run.opening(), run.start(), run.direction(), Distance.feet(2), run.clips());
        CounterTrace trace = CounterTrace.fit(
                Sample.MS, List.of(Sample.reading(0, 2), Sample.reading(10, 22), Sample.reading(20, 12)));
        OnClip where = new OnClip(Sample.clip(Sample.DOWN, 60), trace, Optional.of(lip), 5);
        assertThat(where.cableAt(0))
                .as("five seconds into the clip, the datum taken off")
                .contains(Distance.feet(10));
        assertThat(where.headingAt(0)).isEqualTo(Heading.OUT);
        assertThat(where.headingAt(10)).isEqualTo(Heading.BACK);
        assertThat(where.farthest()).contains(Distance.feet(20));
        assertThat(where.confidenceAt(5)).isEqualTo(1);
    }
}
