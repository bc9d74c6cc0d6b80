package hitch.sim.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.pipe.Material;
import hitch.sim.DemoJob;
import hitch.sim.TestPipe;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoreAndSkinTest {
    private static final Scenario DEMO = DemoJob.FIRST.scenario();
    private static final Bore SHAPE = new Bore(DEMO);
    private static final Skin SKIN = new Skin(DEMO, SHAPE, DEMO.things());

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
        for (Take take : DEMO.clips().subList(0, 3)) {
            CameraPath path = new CameraPath(DEMO, take);
            double low = take.path().stream().mapToDouble(Take.Stand::ft).min().orElseThrow();
            double high = take.path().stream().mapToDouble(Take.Stand::ft).max().orElseThrow();
            assertThat(path.cable(t)).isBetween(low, high);
            assertThat(Math.abs(path.speed(t))).as("a hand pushes no faster").isLessThan(2.5);
        }
    }

    @Test
    void theHeadIsWhereTheScenarioSaysAtItsStands() {
        Take take = DEMO.clips().get(1);
        CameraPath path = new CameraPath(DEMO, take);
        for (Take.Stand stand : take.path()) {
            assertThat(path.cable(stand.t())).isCloseTo(stand.ft(), within(1e-9));
        }
    }

    @Test
    void thePipeIsAsWideAsItsSize() {
        assertThat(SHAPE.radius(-20)).isCloseTo(2 / 12f, within(1e-6f));
        assertThat(SHAPE.radius(40)).isCloseTo(3 / 12f, within(1e-6f));
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
        assertThat(height(-8.7, Math.toRadians(90))).isLessThan(-0.25f);
        assertThat(height(-8.7, Math.toRadians(270))).isGreaterThan(-0.1f);
    }

    @Test
    void ironIsRoughAndPlasticIsSmooth() {
        assertThat(roughness(-19)).isGreaterThan(5 * roughness(31));
    }

    private static float height(double station, double angle) {
        return SKIN.height(SHAPE.row(station), (float) angle);
    }

    private static double roughness(double station) {
        double sum = 0;
        for (int i = 0; i < 200; i++) {
            float angle = (float) (2 * Math.PI * i / 200 * 0.25);
            sum += Math.abs(height(station + i * 0.01, angle) - height(station + i * 0.01 + 0.05, angle));
        }
        return sum;
    }

    @Test
    void theWallIsNeverBlackerThanNothing() {
        float[] look = new float[6];
        for (double station = -24; station < 44; station += 0.37) {
            for (float angle = 0; angle < 6.2f; angle += 0.31f) {
                SKIN.look(SHAPE.row(station), angle, look);
                for (int channel = 0; channel < 3; channel++) {
                    assertThat(look[channel]).isBetween(0f, 2f);
                }
            }
        }
    }

    @ParameterizedTest(name = "{0} {1} of {2} in {3} in")
    @CsvSource({
        "SLUDGE, grey, 0.12, 4",
        "SLUDGE, black, 0.35, 8",
        "GREASE, walls, 0.25, 4",
        "GREASE, block, 0.8, 4",
        "SOIL, washed in, 0.3, 6",
        "DEBRIS, gravel, 0.1, 4",
    })
    void fillsTheShareThatWasAskedFor(Kind kind, String sort, double share, int inches) {
        Take take = new Take(
                "a.mp4", "", "run", "main", List.of(new Take.Stand(0, 0), new Take.Stand(9, 5)), null, null, null);
        Thing thing = new Thing(kind, kind.isStretch() ? 2 : 4, kind.isStretch() ? 6 : 4, 12, share, sort, List.of());
        Scenario scenario = TestPipe.of(new Scenario.Pipe(0, 8, Material.PVC, inches, 10, ""), List.of(take))
                .withThings(List.of(thing));
        Bore bore = new Bore(scenario);
        Skin skin = new Skin(scenario, bore, scenario.things());
        double filled = java.util.stream.DoubleStream.iterate(3.8, s -> s < 4.2, s -> s + 0.05)
                .map(skin::filled)
                .average()
                .orElseThrow();
        assertThat(filled).isCloseTo(share, within(0.02 + 0.2 * share));
    }

    /** A joint that stands open has a rim to either side, and both stand in alike: what is measured of it rests on that. */
    @ParameterizedTest
    @CsvSource({"0.3", "0.4", "0.6"})
    void anOpenJointHasOneRimToEitherSide(double inches) {
        Take take = new Take(
                "a.mp4", "", "run", "main", List.of(new Take.Stand(0, 0), new Take.Stand(9, 5)), null, null, null);
        Scenario scenario = TestPipe.of(new Scenario.Pipe(0, 8, Material.CLAY, 6, 3, ""), List.of(take))
                .withThings(List.of(new Thing(Kind.GAP, 4, 4, 12, inches, "open", List.of())));
        Bore bore = new Bore(scenario);
        Skin skin = new Skin(scenario, bore, scenario.things());
        double before = highest(bore, skin, 3.93, 4);
        double beyond = highest(bore, skin, 4 + inches / 12, 4.09 + inches / 12);
        assertThat(beyond).isCloseTo(before, within(0.0025));
    }

    /** How far the wall stands in where it does so most between two stations, feet: the mean of what is so round it. */
    private static double highest(Bore bore, Skin skin, double from, double to) {
        double sum = 0;
        for (int i = 0; i < 48; i++) {
            double most = -1;
            for (double station = from; station < to; station += 0.002) {
                most = Math.max(most, skin.height(bore.row(station), (float) (2 * Math.PI * i / 48)));
            }
            sum += most;
        }
        return sum / 48;
    }

    @Property(tries = 100)
    void aShareOfTheBoreAndItsHeightAreInverse(@ForAll @DoubleRange(min = 0.01, max = 0.99) double share) {
        assertThat(Bore.shareBelow(Bore.heightOf(share, 0.25), 0.25)).isCloseTo(share, within(1e-6));
    }

    @Test
    void aBendTurnsByItsDegrees() {
        Thing bend = DEMO.things(Kind.BEND).getFirst();
        double turned = 0;
        for (double s = bend.at() - 0.5; s < bend.to() + 0.5; s += 1.0 / Bore.PER_FOOT) {
            turned += SHAPE.curveY((int) SHAPE.row(s)) / Bore.PER_FOOT;
        }
        assertThat(Math.toDegrees(turned)).isCloseTo(bend.amount(), within(3.0));
    }
}
