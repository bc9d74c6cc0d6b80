package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.footage.Drawn;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A hand on a drawn pipe, of which every measure is known. */
class MeasuringTest {
    private static final double BORE = 100;
    private static final DrawnPipe PIPE = DrawnPipe.plain().joint(3.6, 0.3, 0.3, 0, 1);
    private static final GreyPicture PICTURE = PIPE.picture(5);
    private static final FrameGauge SEEN = FrameGauge.of(PICTURE, PIPE.lens(), BORE, FrameGauge.USUAL_LENS_MM);

    /** The eye that drew it, so that a hand points where a thing really is. */
    private static final Eye NEAR = new Eye(PIPE.lens(), PIPE.way(), PIPE.right(), PIPE.down());

    private static final Eye FAR = new Eye(PIPE.lens(), PIPE.way(), PIPE.right() + 0.3, PIPE.down());

    private Measuring hand;

    @BeforeEach
    void hold() {
        hand = new Measuring(SEEN, PICTURE);
    }

    private static double[] at(Eye eye, double clock, double ahead) {
        return eye.pixel(new Eye.Place(clock / 12 * 2 * Math.PI, ahead));
    }

    private void click(double[] place) {
        hand.click(place[0], place[1], true);
    }

    private Sized size(SizeSort sort) {
        return hand.sizes().stream().filter(s -> s.sort() == sort).findFirst().orElseThrow();
    }

    @Test
    void withoutAHandTheJointThatIsSeenIsProposed() {
        assertThat(size(SizeSort.STEP).value()).isCloseTo(15, within(3.0));
        assertThat(size(SizeSort.STEP).round().orElseThrow().from()).isCloseTo(3, within(0.7));
        assertThat(size(SizeSort.GAP).value()).isCloseTo(15, within(6.0));
        assertThat(size(SizeSort.STEP).drawn()).extracting(Drawn::form).containsOnly(Drawn.Form.RING);
    }

    @Test
    void threeClicksOnTheFarRimMeasureAStep() {
        for (double clock : new double[] {1, 5, 9}) {
            click(at(FAR, clock, 3.9));
        }
        assertThat(hand.rings()).hasSize(2);
        Sized step = size(SizeSort.STEP);
        assertThat(step.sure()).isEqualTo(1);
        assertThat(step.value()).isCloseTo(15, within(step.error()));
        assertThat(size(SizeSort.GAP).value())
                .isCloseTo(15, within(size(SizeSort.GAP).error()));
    }

    /** A hand is off by a pixel or two; the rim is seen at hundreds of places. */
    @Test
    void aRingThatAHandLaysIsPulledOntoItsRim() {
        assertThat(offTheRim(3.6, 1, 4, false))
                .isLessThan(offTheRim(3.6, 1, 4, true))
                .isLessThan(0.05);
    }

    /** Near the lens the lowest of a rim lies beyond the picture; the rest of it is seen. */
    @Test
    void aRimThatThePictureCutsOffIsFollowedWhereItIsSeen() {
        assertThat(offTheRim(1.7, 3, 3, false))
                .isLessThan(offTheRim(1.7, 3, 3, true))
                .isLessThan(0.04);
    }

    /** How far off a rim a ring lies that a hand laid badly through three places of it, the first at an hour and the others so many on, radii. */
    private static double offTheRim(double ahead, double hour, double on, boolean pinned) {
        GreyPicture open = DrawnPipe.plain().joint(ahead, 0.3, 0, 0, 0.05).picture(5);
        Measuring hand = new Measuring(
                FrameGauge.of(DrawnPipe.plain().picture(5), PIPE.lens(), BORE, FrameGauge.USUAL_LENS_MM), open);
        double[][] off = {{2, 1.5}, {-1.5, 2}, {1, -2}};
        for (int i = 0; i < off.length; i++) {
            double[] place = at(NEAR, hour + on * i, ahead);
            hand.click(place[0] + off[i][0], place[1] + off[i][1], pinned);
        }
        return Math.abs(hand.rings().getLast().ahead() - ahead);
    }

    @Test
    void whereNoEdgeRunsARingStaysWhereAHandLaidIt() {
        DrawnPipe plain = DrawnPipe.plain();
        GreyPicture bare = plain.picture(5);
        FrameGauge nothing = FrameGauge.of(bare, PIPE.lens(), BORE, FrameGauge.USUAL_LENS_MM);
        Measuring pulled = new Measuring(nothing, bare);
        Measuring exact = new Measuring(nothing, bare);
        for (double clock : new double[] {1, 5, 9}) {
            double[] place = at(NEAR, clock, 3);
            pulled.click(place[0], place[1], false);
            exact.click(place[0], place[1], true);
        }
        assertThat(pulled.rings().getLast().ahead())
                .isCloseTo(exact.rings().getLast().ahead(), within(1e-9));
    }

    @Test
    void aClickOnARingThatIsSeenTakesItAtOnce() {
        Ring seen = SEEN.joints().getFirst().rings().near();
        double[] rim = Aligned.along(PIPE.lens(), SEEN.found().way()).pixel(seen.u(), seen.v() - seen.r());
        hand.click(rim[0], rim[1], false);
        assertThat(hand.places()).hasSize(1);
        assertThat(hand.rings()).contains(seen);
        hand.back();
        hand.click(rim[0], rim[1], true);
        assertThat(hand.places()).hasSize(1);
    }

    /** On a rough wall no ring stands out, and the band between two rims tells them all the same. */
    @Test
    void aClickOnARimThatOnlyTheBandTellsTakesItToo() {
        GreyPicture rough =
                DrawnPipe.plain().rough(0.8).joint(3.4, 0.45, 0, 0, 0.05).picture(5);
        FrameGauge gauge = FrameGauge.of(rough, PIPE.lens(), BORE, FrameGauge.USUAL_LENS_MM);
        Ring far = gauge.joints().getFirst().rings().far().orElseThrow();
        assertThat(gauge.found().rings()).doesNotContain(far);
        double[] rim = Aligned.along(PIPE.lens(), gauge.found().way()).pixel(far.u(), far.v() - far.r());
        Measuring open = new Measuring(gauge, rough);
        open.click(rim[0], rim[1], false);
        assertThat(open.rings()).contains(far);
    }

    @Test
    void aRingThatWasTakenIsLaidAnewByTwoPlacesMore() {
        Ring seen = SEEN.joints().getFirst().rings().far().orElseThrow();
        double[] rim = Aligned.along(PIPE.lens(), SEEN.found().way()).pixel(seen.u(), seen.v() - seen.r());
        hand.click(rim[0], rim[1], false);
        assertThat(hand.rings()).contains(seen);
        for (double clock : new double[] {4, 8}) {
            double[] place = at(FAR, clock, 3.9);
            hand.click(place[0], place[1], false);
        }
        assertThat(hand.rings()).hasSize(2).doesNotContain(seen);
        assertThat(hand.places()).isEmpty();
        assertThat(size(SizeSort.STEP).value())
                .isCloseTo(15, within(size(SizeSort.STEP).error()));
        // A place far off either begins another ring.
        hand.click(20, 20, false);
        assertThat(hand.places()).hasSize(1);
    }

    @Test
    void whatTheHandDidIsTakenBackStepByStep() {
        click(at(FAR, 1, 3.9));
        click(at(FAR, 5, 3.9));
        assertThat(hand.places()).hasSize(2);
        assertThat(hand.back()).isTrue();
        assertThat(hand.places()).hasSize(1);
        hand.clear();
        assertThat(hand.places()).isEmpty();
        hand.back();
        assertThat(hand.places()).hasSize(1);
        assertThat(hand.back()).isTrue();
        assertThat(hand.back()).isFalse();
    }

    @Test
    void aRingIsDraggedAndMadeLarger() {
        Ring was = hand.rings().getFirst();
        double[] rim = at(NEAR, 12, 3.6);
        assertThat(hand.ringAt(rim[0], rim[1])).isPresent();
        hand.grab();
        hand.drag(0, rim, new double[] {rim[0] + 10, rim[1]}, false);
        assertThat(hand.rings().getFirst().u()).isGreaterThan(was.u() + 0.01);
        assertThat(hand.rings().getFirst().r()).isEqualTo(was.r());
        hand.drag(0, rim, new double[] {rim[0], rim[1] - 10}, true);
        assertThat(hand.rings().getFirst().r()).isGreaterThan(was.r());
        hand.back();
        assertThat(hand.rings().getFirst()).isEqualTo(was);
    }

    @Test
    void aCrackAndAHole() {
        hand.take(Tool.LENGTH);
        click(at(NEAR, 2, 2.4));
        assertThat(hand.sizes()).isEmpty();
        click(at(NEAR, 4, 2.4));
        Sized crack = size(SizeSort.LENGTH);
        assertThat(crack.value()).isCloseTo(Math.PI * BORE / 6, within(crack.error()));
        assertThat(crack.round().orElseThrow().from()).isCloseTo(2, within(0.5));
        assertThat(crack.round().orElseThrow().to()).isCloseTo(4, within(0.5));
        hand.take(Tool.WIDTH);
        assertThat(hand.sizes()).isEmpty();
        click(at(NEAR, 3, 2.2));
        click(at(NEAR, 3, 2.8));
        Sized hole = size(SizeSort.WIDTH);
        assertThat(hole.value()).isCloseTo(0.3 * BORE, within(hole.error()));
        click(at(NEAR, 9, 2.2));
        assertThat(hand.places()).hasSize(1);
    }

    @Test
    void waterByItsEdgesInEitherOrder() {
        hand.take(Tool.WATER);
        click(at(NEAR, 4, 2.5));
        click(at(NEAR, 8, 2.5));
        Sized water = size(SizeSort.DEPTH);
        assertThat(water.value()).isCloseTo(25, within(water.error()));
        assertThat(water.drawn().getFirst().places()).hasSize(2);
    }

    @Test
    void whatIsPaintedOverInsideTheRing() {
        hand.take(Tool.SHARE);
        double[] left = at(NEAR, 9, 3.6);
        double[] right = at(NEAR, 3, 3.6);
        double half = (right[0] - left[0]) / 2;
        // A band over the lower half, as broad as half the bore.
        double y = left[1] + half / 2;
        hand.stroke(List.of(new double[] {left[0] - half, y}, new double[] {right[0] + half, y}), half / 2);
        Sized share = size(SizeSort.SHARE);
        assertThat(share.value()).isCloseTo(50, within(share.error()));
        assertThat(hand.painted()).hasSize(1);
        hand.back();
        assertThat(hand.sizes()).isEmpty();
    }

    @Test
    void aLineDrawnAlongARoundWallIsRound() {
        hand.take(Tool.ROUND);
        List<double[]> round = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            round.add(at(NEAR, i / 2.0, 3));
        }
        hand.stroke(round, 0);
        Sized out = size(SizeSort.OUT_OF_ROUND);
        assertThat(out.value()).isLessThan(out.error());
        assertThat(out.error()).isBetween(0.5, 5.0);
    }

    @Test
    void eachSizeHasItsTool() {
        for (SizeSort sort : SizeSort.values()) {
            assertThat(Tool.of(sort).measures(sort)).isTrue();
            assertThat(sort.word()).isNotBlank();
        }
        assertThat(Tool.SHARE.isDrawn()).isTrue();
        assertThat(Tool.WATER.isDrawn()).isFalse();
    }
}
