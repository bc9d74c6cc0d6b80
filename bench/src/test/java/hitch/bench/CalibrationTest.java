package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.render.VideoWriter;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.ReelPath;
import hitch.sim.trial.TrialFace;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The made-up counters cover what they are to cover, and their tables tell what is so. */
class CalibrationTest {
    @Test
    void countsClaimedAgainstTrueBandByBand() {
        Calibration calibration = new Calibration();
        for (int i = 0; i < 100; i++) {
            calibration.add(0.95, i != 0);
            calibration.add(0.25, i % 2 == 0);
        }
        calibration.add(1.0, true);
        Calibration twice = new Calibration();
        twice.add(calibration);
        twice.add(calibration);
        List<String> lines = new ArrayList<>();
        twice.print(lines::add);
        assertThat(lines)
                .anyMatch(l -> l.startsWith("| 0.2 to 0.3 | 200 | 25.0 % | 50.00 %"))
                .anyMatch(l -> l.startsWith("| 0.9 to 1.0 | 202 | 95.0 % | 99.01 %"))
                .hasSize(4);
    }

    @Test
    void everyFaceCodingUnitAndOrientationIsTried() {
        List<CounterTrials.Named> all = CounterTrials.of(13, 14, 900);
        assertThat(all).hasSizeGreaterThan(400);
        assertThat(all.stream().map(CounterTrials.Named::name).distinct()).hasSize(all.size());
        assertThat(all.stream().map(t -> t.trial().look().face()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(TrialFace.values());
        assertThat(all.stream().map(t -> t.trial().coding()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(VideoWriter.Coding.values());
        assertThat(all.stream().map(t -> t.trial().look().form()).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(CounterLook.Form.values());
        assertThat(all).anyMatch(t -> t.trial().turnedFrom() == 0);
        assertThat(all).anyMatch(t -> t.trial().turnedFrom() == 7);
        assertThat(all.stream().map(t -> t.trial().rate()).distinct().count()).isGreaterThan(3);
    }

    @Test
    void aTrialIsTheSameForTheSameSeedAndAnotherForAnother() {
        CounterTrial one = CounterTrials.of(1, 14, 900).get(5).trial();
        CounterTrial again = CounterTrials.of(1, 14, 900).get(5).trial();
        CounterTrial other = CounterTrials.of(1, 14, 4711).get(5).trial();
        assertThat(again.look()).isEqualTo(one.look());
        assertThat(again.shown(6)).isEqualTo(one.shown(6));
        assertThat(other.shown(6)).isNotEqualTo(one.shown(6));
    }

    @Test
    void theReelNeverGoesFasterThanAHand() {
        for (int seed = 0; seed < 40; seed++) {
            ReelPath path = new ReelPath(new Random(seed), 30, seed % 2 == 0);
            for (double t = 0; t < 29; t += 0.1) {
                double speed = Math.abs(path.cable(t + 0.1) - path.cable(t)) / 0.1;
                assertThat(speed).isLessThan(4);
                assertThat(path.counter(t)).isGreaterThanOrEqualTo(-0.001);
            }
            assertThat(path.zeroings()).hasSizeLessThanOrEqualTo(1);
        }
    }

    @Test
    void aFormShowsWhatItRoundsTo() {
        assertThat(CounterLook.Form.FEET.text(12.34)).isEqualTo("12.3 ft");
        assertThat(CounterLook.Form.ZERO_LED.text(2.34)).isEqualTo("002.3");
        assertThat(CounterLook.Form.FEET_INCHES.text(12.5)).isEqualTo("12' 6\"");
        assertThat(CounterLook.Form.METRES.text(10)).isEqualTo("3.05 m");
        assertThat(CounterLook.Form.METRES_BARE.isMetric()).isTrue();
        assertThat(CounterLook.Form.FEET_SMALL.mm()).isEqualTo(304.8);
        assertThat(CounterLook.Form.METRES_SMALL.shown(10)).isEqualTo(3.05);
    }
}
