package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class JointTrailTest {
    private static final double BORE = 100;
    private static final double STEP = 20;

    /** What a camera tells that passes joints: most of them, not quite where they are, and now and then one that is none. */
    private static List<JointTrail.Look> passing(List<Double> joints, double to, long seed) {
        Random random = new Random(seed);
        List<JointTrail.Look> looks = new ArrayList<>();
        for (double at = 0; at < to; at += STEP) {
            List<JointTrail.Rim> rims = new ArrayList<>();
            for (double joint : joints) {
                double ahead = joint - at;
                if (ahead > 90 && ahead < 400 && random.nextInt(10) < 8) {
                    rims.add(new JointTrail.Rim(ahead * (1 + 0.02 * random.nextGaussian()), 0.8));
                }
            }
            if (random.nextInt(4) == 0) {
                rims.add(new JointTrail.Rim(90 + random.nextDouble() * 300, 0.6));
            }
            looks.add(new JointTrail.Look(at, rims));
        }
        return looks;
    }

    private static List<Double> every(double length, double from, double to) {
        List<Double> all = new ArrayList<>();
        for (double at = from; at < to; at += length) {
            all.add(at);
        }
        return all;
    }

    @Test
    void jointsLieWhereMostSightingsSayAndWhatIsSeenOnceIsNone() {
        List<Double> truth = every(914, 500, 14_000);
        List<JointTrail.Joint> found = JointTrail.of(passing(truth, 14_500, 4), BORE);
        assertThat(found).hasSameSizeAs(truth);
        for (int i = 0; i < truth.size(); i++) {
            assertThat(found.get(i).at())
                    .isCloseTo(truth.get(i), within(found.get(i).error() + 8));
        }
    }

    @Test
    void theLengthOfPipeIsToldToAFiftieth() {
        List<LayLengths.Lay> lays = LayLengths.of(JointTrail.of(passing(every(914, 500, 14_000), 14_500, 5), BORE));
        assertThat(lays).hasSize(1);
        assertThat(lays.getFirst().length()).isCloseTo(914, within(914 / 50.0));
        assertThat(lays.getFirst().missing()).isEmpty();
    }

    @Test
    void aJointThatWasSkippedShowsAgainstTheRhythm() {
        List<Double> truth = every(914, 500, 14_000);
        double skipped = truth.remove(6);
        LayLengths.Lay lay =
                LayLengths.of(JointTrail.of(passing(truth, 14_500, 6), BORE)).getFirst();
        assertThat(lay.missing()).hasSize(1);
        assertThat(lay.missing().getFirst()).isCloseTo(skipped, within(40.0));
        assertThat(lay.joints()).isEqualTo(truth.size());
    }

    @Test
    void whereTheLengthChangesThePipeDoes() {
        List<Double> truth = every(914, 500, 9_000);
        truth.addAll(every(1524, truth.getLast() + 1524, 24_000));
        List<LayLengths.Lay> lays = LayLengths.of(JointTrail.of(passing(truth, 24_500, 7), BORE));
        assertThat(lays).hasSize(2);
        assertThat(lays.getFirst().length()).isCloseTo(914, within(20.0));
        assertThat(lays.getLast().length()).isCloseTo(1524, within(30.0));
    }

    @Test
    void whatFollowsNoRhythmIsOfNoLength() {
        List<Double> wild = List.of(500.0, 1300.0, 3900.0, 4600.0, 7100.0, 8100.0);
        assertThat(LayLengths.of(JointTrail.of(passing(wild, 9_000, 8), BORE))).isEmpty();
    }
}
