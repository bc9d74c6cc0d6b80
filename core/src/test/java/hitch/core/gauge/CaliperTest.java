package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** What a hand points at is measured as what it is: places are drawn by an eye and taken back by a caliper. */
class CaliperTest {
    private static final double BORE = 100;
    private static final LensView LENS = LensView.across(640, 480, 85);
    private static final double[] WAY = {0.03, 0.04, Math.sqrt(1 - 0.03 * 0.03 - 0.04 * 0.04)};
    private static final Eye EYE = new Eye(LENS, WAY, 0.05, -0.3);
    private static final Caliper CALIPER = new Caliper(EYE, BORE);

    private static double[] at(double clock, double ahead) {
        return EYE.pixel(new Eye.Place(clock / 12 * 2 * Math.PI, ahead));
    }

    @Property(tries = 200)
    void aPlaceOfTheWallComesBackFromItsPixel(
            @ForAll @DoubleRange(min = 0, max = 6.28) double round,
            @ForAll @DoubleRange(min = 1.6, max = 9) double ahead) {
        double[] p = EYE.pixel(new Eye.Place(round, ahead));
        Eye.Place back = EYE.wall(p[0], p[1]);
        assertThat(back.ahead()).isCloseTo(ahead, within(1e-6));
        assertThat(Math.IEEEremainder(back.round() - round, 2 * Math.PI)).isCloseTo(0, within(1e-6));
    }

    @Test
    void threePlacesOfARimMakeItsRing() {
        Ring ring =
                Caliper.ring(LENS, WAY, List.of(at(1, 4), at(5, 4), at(9, 4))).orElseThrow();
        assertThat(ring.ahead()).isCloseTo(4, within(1e-6));
        assertThat(ring.right()).isCloseTo(0.05, within(1e-6));
        assertThat(Caliper.ring(LENS, WAY, List.of(at(1, 4), at(5, 4)))).isEmpty();
    }

    @Test
    void aStepAndAGapBetweenTwoRims() {
        Eye off = new Eye(LENS, WAY, 0.05 + 0.3, -0.3);
        Ring near = EYE.ringAt(4);
        JointGauge joint = CALIPER.joint(near, off.ringAt(4.4));
        assertThat(joint.step().mm()).isCloseTo(15, within(1e-6));
        assertThat(joint.gap().mm()).isCloseTo(20, within(1e-6));
        assertThat(joint.clock()).isCloseTo(3, within(1e-6));
        assertThat(joint.step().error()).isBetween(0.5, 6.0);
        assertThat(joint.step().straddles(16)).isTrue();
        assertThat(joint.step().straddles(30)).isFalse();
    }

    @Test
    void aCrackAlongAndOneRound() {
        assertThat(CALIPER.length(List.of(at(3, 3), at(3, 5))).mm()).isCloseTo(100, within(1e-6));
        assertThat(CALIPER.length(List.of(at(10, 4), at(12, 4), at(2, 4))).mm())
                .isCloseTo(Math.PI * BORE / 3, within(0.01));
        assertThat(CALIPER.clocks(at(2, 4), at(10, 4))).containsExactly(new double[] {10, 2}, within(1e-6));
    }

    @Test
    void waterByItsTwoEdges() {
        // Half a radius deep: its edges lie a third of the way round from the bottom.
        Measured depth = CALIPER.water(at(8, 3), at(4, 3));
        assertThat(depth.mm()).isCloseTo(25, within(1e-6));
        assertThat(CALIPER.line(at(8, 3), at(4, 3)).share()).isCloseTo(0.1955, within(1e-3));
    }

    @Test
    void theShareOfWhatIsPaintedOver() {
        Ring ring = EYE.ringAt(3.5);
        double[] middle = EYE.pixel(new Eye.Place(Math.PI / 2, 3.5));
        double[] other = EYE.pixel(new Eye.Place(3 * Math.PI / 2, 3.5));
        double x = (middle[0] + other[0]) / 2;
        Caliper.Share half = CALIPER.share(ring, (px, py) -> px > x);
        assertThat(half.share()).isCloseTo(0.5, within(0.02));
        assertThat(half.error()).isBetween(0.01, 0.1);
        assertThat(CALIPER.share(ring, (px, py) -> false).share()).isZero();
    }

    @Test
    void aFlattenedPipeIsLongerOneWay() {
        List<double[]> outline = new ArrayList<>();
        Aligned aligned = Aligned.along(LENS, WAY);
        for (int i = 0; i < 8; i++) {
            double turn = Math.PI * i / 4;
            outline.add(aligned.pixel(0.275 * Math.cos(turn), 0.225 * Math.sin(turn) - 0.05));
        }
        double[] across = CALIPER.across(outline).orElseThrow();
        assertThat(across[0] / across[1]).isCloseTo(0.275 / 0.225, within(1e-3));
        assertThat(CALIPER.across(outline.subList(0, 4))).isEmpty();
    }
}
