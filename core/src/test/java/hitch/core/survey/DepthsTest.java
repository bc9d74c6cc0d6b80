package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.line.Ground;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Depths and falls, each reckoned by hand beside it. */
class DepthsTest {
    private static LineJob located(String first, String second, Ground ground) {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 0, "locate " + first)
                .note("street", 24, "locate " + second)
                .facts(f -> f.withGround(ground));
    }

    @Test
    void theBottomOfThePipeLiesBelowTheHeadByHalfTheHead() {
        Line line = located("4 ft 0 in", "4 ft 6 in", Ground.LEVEL).line();
        // 48 in to the head and 1.25 / 2 in below it: 48.6 in.
        assertThat(line.depths().locates().getFirst().invert().inInches()).isCloseTo(48.625, within(0.05));
    }

    @Test
    void underLevelGroundTheFallIsTheDifferenceOfTheDepths() {
        Fall fall =
                located("4 ft 0 in", "4 ft 6 in", Ground.LEVEL).line().falls().getFirst();
        // 6 in deeper over 24 ft: 6 / 24 = 0.25 in a foot; 0.25 / 12 = 2.08 %.
        assertThat(fall.inchesAFoot()).isCloseTo(0.25, within(0.002));
        assertThat(fall.percent()).isCloseTo(2.083, within(0.02));
        // Errors: 48 in gives 1.753 in, 54 in gives the root of 1 and 1.62 squared, 1.904 in; together the root of
        // their squares, 2.588 in, over 24 ft: 0.108 in a foot. (Gauss, propagation of independent errors.)
        assertThat(fall.plusMinus()).isCloseTo(0.108, within(0.002));
        // 0.25 - 0.108 = 0.142 is still over the 0.125 that the rule asks of 4 in pipe.
        assertThat(fall.steepness()).isEqualTo(Fall.Steepness.ENOUGH);
    }

    @Test
    void whereTheGroundFallsThePipeFallsWithIt() {
        // Equal depths, and ground that falls by 1 % of 24 ft: 2.88 in over 24 ft, 0.12 in a foot.
        Fall fall = located("4 ft 0 in", "4 ft 0 in", Ground.slope(-1))
                .line()
                .falls()
                .getFirst();
        assertThat(fall.inchesAFoot()).isCloseTo(0.12, within(0.002));
        assertThat(fall.steepness()).isEqualTo(Fall.Steepness.OPEN);
    }

    @Test
    void depthsThatDecreaseUnderLevelGroundAreAReverseFall() {
        Fall fall =
                located("4 ft 6 in", "4 ft 0 in", Ground.LEVEL).line().falls().getFirst();
        assertThat(fall.inchesAFoot()).isCloseTo(-0.25, within(0.002));
        assertThat(fall.steepness()).isEqualTo(Fall.Steepness.REVERSE);
    }

    @Test
    void withoutWordOfTheGroundNoFallIsReckoned() {
        assertThat(located("4 ft 0 in", "4 ft 6 in", Ground.NOT_SAID).line().falls())
                .isEmpty();
    }

    @Test
    void aTrenchGoesBelowTheDeepestOfThePipeAlongIt() {
        Line line = located("4 ft 0 in", "4 ft 6 in", Ground.LEVEL).line();
        // Half-way: (48 + 54) / 2 + 0.625 = 51.6 in to the bottom; 6 in of bedding: 57.6 in at the far end of 0 to 12
        // ft.
        Optional<Distance> trench = line.depths().trench(Branch.LINE, new Extent(at(0), at(12)));
        assertThat(trench.orElseThrow().inInches()).isCloseTo(57.6, within(0.1));
        assertThat(line.depths().trench(Branch.LINE, new Extent(at(60), at(70))))
                .isEmpty();
    }

    @Test
    void aGuideLiftsTheHeadToTheMiddleOfThePipe() {
        LineJob job = new LineJob()
                .run(
                        "street",
                        Direction.WITH_FLOW,
                        0,
                        40,
                        r -> r.with(new Equipment(Optional.empty(), Equipment.Guide.ON)))
                .note("street", 10, "locate 4 ft 0 in");
        // 48 in to the head and half of 4 in below it: 50 in.
        assertThat(job.line().depths().locates().getFirst().invert().inInches()).isCloseTo(50, within(0.05));
    }

    @Test
    void whatWasSaidOfTheGroundOverALocateIsKept() {
        List<Locate> locates = located("5 ft 1 in, stake by the side gate, lawn", "4 ft 6 in", Ground.LEVEL)
                .line()
                .depths()
                .locates();
        assertThat(locates.getFirst().ground().words()).isEqualTo("stake, the side gate, lawn");
    }
}
