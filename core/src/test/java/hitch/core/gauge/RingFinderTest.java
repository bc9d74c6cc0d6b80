package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.counter.sight.GreyPicture;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class RingFinderTest {
    private static final double HELD = 0.3;

    private static RingFinder.Found found(DrawnPipe pipe) {
        return RingFinder.of(pipe.picture(3), pipe.lens(), HELD);
    }

    @Test
    void theRimOfAJointIsFoundWhereItIsWithTheLensWhereItIs() {
        DrawnPipe pipe = DrawnPipe.plain().joint(4, 0.2, 0, 0, 0.9);
        Ring rim = found(pipe).joints().getFirst().near();
        assertThat(rim.sure()).isGreaterThan(0.6);
        assertThat(rim.ahead()).isCloseTo(4, within(0.12));
        assertThat(rim.right()).isCloseTo(0.05, within(0.06));
        assertThat(rim.down()).isCloseTo(-0.3, within(0.1));
    }

    @Test
    void theEllipseLiesOnTheRimAsThePictureShowsIt() {
        DrawnPipe pipe = DrawnPipe.plain().joint(4, 0.2, 0, 0, 0.9);
        RingFinder.Found found = found(pipe);
        Ellipse e = found.ellipse(found.joints().getFirst().near()).orElseThrow();
        Eye eye = new Eye(pipe.lens(), pipe.way(), pipe.right(), pipe.down());
        double[] top = eye.pixel(new Eye.Place(0, 4));
        double[] bottom = eye.pixel(new Eye.Place(Math.PI, 4));
        assertThat(e.y() - e.a()).isCloseTo(top[1], within(4.0));
        assertThat(e.y() + e.a()).isCloseTo(bottom[1], within(4.0));
    }

    @Test
    void aStepAndAGapAreToldByTheRimBehind() {
        DrawnPipe pipe = DrawnPipe.plain().joint(3.6, 0.3, 0.25, -0.15, 1);
        JointRings joint = found(pipe).joints().getFirst();
        assertThat(joint.far()).isPresent();
        assertThat(joint.shiftRight()).isCloseTo(0.25, within(0.05));
        assertThat(joint.shiftDown()).isCloseTo(-0.15, within(0.05));
        assertThat(joint.shiftClock()).isCloseTo(2, within(0.5));
        assertThat(joint.gap()).isCloseTo(0.3, within(0.12));
    }

    /** A wall may be as rough as its rims are sharp: they run all round, and what is rough does not. */
    @Test
    void anOpenJointOfRoughPipeIsToldByTheBandBetweenItsRims() {
        for (double face : new double[] {0.05, 1}) {
            for (double ahead : new double[] {2.6, 3.4, 4.2}) {
                DrawnPipe pipe = DrawnPipe.plain().rough(0.8).joint(ahead, 0.45, 0, 0, face);
                assertThat(found(pipe).joints())
                        .filteredOn(j -> Math.abs(j.near().ahead() - ahead) < 0.12
                                && j.far().isPresent())
                        .singleElement()
                        .satisfies(j -> {
                            assertThat(j.gap()).isCloseTo(0.45, within(0.15));
                            assertThat(j.step()).isLessThan(0.08);
                        });
            }
        }
    }

    /** The end of a length that lies far off shows as a bright face with two edges; the inner one is its rim. */
    @Test
    void aLengthFarOffIsToldByItsRimAndNotByTheOuterEdgeOfItsEnd() {
        double right = 0.55 * Math.cos(Math.PI / 3);
        double down = 0.55 * Math.sin(Math.PI / 3);
        DrawnPipe pipe = DrawnPipe.plain().joint(3, 0.12, right, down, 0.8);
        JointRings joint = found(pipe).joints().getFirst();
        assertThat(joint.shiftRight()).isCloseTo(right, within(0.06));
        assertThat(joint.shiftDown()).isCloseTo(down, within(0.06));
    }

    @Test
    void asAPinholeDrawsIt() {
        LensView pinhole = new LensView(640, 480, 420, false);
        JointRings joint = found(DrawnPipe.plain().seenBy(pinhole).joint(3.6, 0.3, -0.3, 0, 1))
                .joints()
                .getFirst();
        assertThat(joint.near().ahead()).isCloseTo(3.6, within(0.12));
        assertThat(joint.shiftRight()).isCloseTo(-0.3, within(0.06));
    }

    @Test
    void aLargePictureOfTheSamePipeMeasuresTheSame() {
        DrawnPipe large =
                DrawnPipe.plain().seenBy(LensView.across(1920, 1440, 85)).joint(4, 0.25, 0, 0.2, 1);
        JointRings joint = found(large).joints().getFirst();
        assertThat(joint.near().ahead()).isCloseTo(4, within(0.12));
        assertThat(joint.step()).isCloseTo(0.2, within(0.06));
    }

    @Test
    void aPipeWithoutAJointHasNone() {
        assertThat(found(DrawnPipe.plain()).joints()).isEmpty();
    }

    @Test
    void waterIsFoundAndDryPipeIsDry() {
        DrawnPipe wet = DrawnPipe.plain().water(0.4);
        RingFinder.Found found = found(wet);
        assertThat(found.water()).isPresent();
        assertThat(found.water().get().sure()).isGreaterThan(0.4);
        assertThat(found.water().get().depth()).isCloseTo(0.4, within(0.12));
        assertThat(found.water().get().roll()).isCloseTo(0, within(0.1));
        assertThat(found(DrawnPipe.plain()).water().filter(w -> w.sure() > 0.4)).isEmpty();
    }

    @Test
    void aBlankPictureHasNothing() {
        byte[] grey = new byte[320 * 240];
        Arrays.fill(grey, (byte) 90);
        RingFinder.Found found = RingFinder.of(new GreyPicture(320, 240, grey), LensView.across(320, 240, 85), HELD);
        assertThat(found.rings()).isEmpty();
        assertThat(found.joints()).isEmpty();
        assertThat(found.water()).isEmpty();
    }
}
