package hitch.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PipePartsTest {
    private static final Scenario DEMO = DemoJob.scenario();
    private static final PipeShape SHAPE = new PipeShape(DEMO);
    private static final PipeSkin SKIN = new PipeSkin(DEMO, SHAPE);

    @Property(tries = 300)
    void noiseStaysInItsRangeAndWrapsRound(@ForAll short x, @ForAll @IntRange(max = 47) int y) {
        Noise noise = new Noise(12);
        float value = noise.rough(x / 31f, y, 48, 4);
        assertThat(value).isBetween(0f, 1f);
        assertThat(noise.smooth(x / 31f, y + 48, 48)).isEqualTo(noise.smooth(x / 31f, y, 48));
        assertThat(new Noise(12).rough(x / 31f, y, 48, 4)).isEqualTo(value);
    }

    @Property(tries = 300)
    void theHeadNeverOutrunsItsStands(@ForAll @DoubleRange(max = 71) double t) {
        for (Scenario.Take take : DEMO.clips().subList(0, 3)) {
            CameraPath path = new CameraPath(DEMO, take);
            double low =
                    take.path().stream().mapToDouble(Scenario.Stand::ft).min().orElseThrow();
            double high =
                    take.path().stream().mapToDouble(Scenario.Stand::ft).max().orElseThrow();
            assertThat(path.cable(t)).isBetween(low, high);
            assertThat(Math.abs(path.speed(t))).as("a hand pushes no faster").isLessThan(2.5);
        }
    }

    @Test
    void theHeadIsWhereTheScenarioSaysAtItsStands() {
        Scenario.Take take = DEMO.clips().get(1);
        CameraPath path = new CameraPath(DEMO, take);
        for (Scenario.Stand stand : take.path()) {
            assertThat(path.cable(stand.t())).isCloseTo(stand.ft(), within(1e-9));
        }
    }

    @Test
    void thePipeIsAsWideAsItsSize() {
        assertThat(SHAPE.radius(-20)).isCloseTo(2 / 12f, within(1e-6f));
        assertThat(SHAPE.radius(40)).isCloseTo(3 / 12f, within(1e-6f));
    }

    @Test
    void waterStandsOnlyInItsStretch() {
        assertThat(SHAPE.water(26)).isZero();
        assertThat(SHAPE.water(30)).isCloseTo(0.13f * 0.5f, within(0.002f));
        assertThat(SHAPE.water(34)).isZero();
    }

    @Test
    void anOffsetMovesTheAxisByItsStep() {
        float[] before = new float[2];
        float[] after = new float[2];
        SHAPE.axis(13.7, before);
        SHAPE.axis(13.9, after);
        // Three quarters of an inch up; the lengths of pipe lie a little askew by themselves.
        assertThat((after[1] - before[1]) * 12).isCloseTo(0.75f, within(0.3f));
    }

    @Test
    void aTieInIsAHoleInTheWallAtItsHour() {
        assertThat(SKIN.height(-8.7, (float) Math.toRadians(90))).isLessThan(-0.3f);
        assertThat(SKIN.height(-8.7, (float) Math.toRadians(270))).isGreaterThan(-0.1f);
    }

    @Test
    void ironIsRoughAndPlasticIsSmooth() {
        assertThat(roughness(-19)).isGreaterThan(5 * roughness(31));
    }

    private static double roughness(double station) {
        double sum = 0;
        for (int i = 0; i < 200; i++) {
            float angle = (float) (2 * Math.PI * i / 200 * 0.25);
            sum += Math.abs(SKIN.height(station + i * 0.01, angle) - SKIN.height(station + i * 0.01 + 0.05, angle));
        }
        return sum;
    }

    @Test
    void theWallIsNeverBlackerThanNothing() {
        float[] look = new float[6];
        for (double station = -24; station < 44; station += 0.37) {
            for (float angle = 0; angle < 6.2f; angle += 0.31f) {
                SKIN.look(station, angle, look);
                for (int channel = 0; channel < 3; channel++) {
                    assertThat(look[channel]).isBetween(0f, 2f);
                }
            }
        }
    }

    @Test
    void theWordsStandAtTheirSecond() throws MediaException {
        Narrator loud = text -> {
            float[] samples = new float[Narrator.RATE / 2];
            java.util.Arrays.fill(samples, 0.9f);
            return new Sound(samples, Narrator.RATE);
        };
        Scenario.Take take = new Scenario.Take(
                "t.mp4",
                "",
                "street run",
                "main",
                List.of(new Scenario.Stand(0, 0), new Scenario.Stand(4, 2)),
                List.of(new Scenario.Line(2, "roots")),
                List.of());
        float[] sound = Commentary.record(DEMO, take, loud);
        assertThat(sound).hasSize(4 * Narrator.RATE);
        assertThat(loudest(sound, 0, 1.9)).isLessThan(0.2f);
        assertThat(loudest(sound, 2.1, 2.4)).isGreaterThan(0.5f);
        assertThat(loudest(sound, 2.6, 3.9)).isLessThan(0.2f);
    }

    private static float loudest(float[] sound, double from, double to) {
        float most = 0;
        for (int i = (int) (from * Narrator.RATE); i < (int) (to * Narrator.RATE); i++) {
            most = Math.max(most, Math.abs(sound[i]));
        }
        return most;
    }
}
