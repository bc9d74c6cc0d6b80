package hitch.core.counter.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.counter.sight.CablePath;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class MotionPathTest {
    /** Motion in some unit of its own: 2.5 of it to a foot. */
    private static List<WallMotion.Step> steps(DoubleUnaryOperator cable) {
        List<WallMotion.Step> steps = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            double t = i / 10.0;
            double went = i == 0 ? 0 : cable.applyAsDouble(t) - cable.applyAsDouble(t - 0.1);
            steps.add(new WallMotion.Step(t, 2.5 * went, 1));
        }
        return steps;
    }

    private static double at(MotionPath path, double t) {
        return path.moments().get((int) Math.round(t * 10)).value().orElseThrow();
    }

    @Test
    void aStandIsAStandAndNotASlope() {
        // 20 s at half a foot a second, 20 s standing, 20 s at a foot a second.
        DoubleUnaryOperator cable = t -> t < 20 ? t / 2 : t < 40 ? 10 : t - 30;
        MotionPath path =
                MotionPath.join(steps(cable), List.of(new MotionPath.Known(0, 0), new MotionPath.Known(59.9, 29.9)));
        for (double t : new double[] {5, 20, 30, 40, 50}) {
            assertThat(at(path, t)).isEqualTo(cable.applyAsDouble(t), within(0.05));
        }
    }

    @Test
    void outAndBackToThePlaceItBeganTakesItsScaleFromTheRest() {
        DoubleUnaryOperator cable = t -> t < 20 ? t : t < 40 ? 40 - t : t - 40;
        MotionPath path = MotionPath.join(
                steps(cable),
                List.of(new MotionPath.Known(0, 0), new MotionPath.Known(40, 0), new MotionPath.Known(59.9, 19.9)));
        assertThat(at(path, 20)).isEqualTo(20, within(0.1));
        assertThat(at(path, 30)).isEqualTo(10, within(0.1));
    }

    @Test
    void nothingIsKnownOutsideTheKnownPlaces() {
        MotionPath path =
                MotionPath.join(steps(t -> t), List.of(new MotionPath.Known(10, 5), new MotionPath.Known(30, 25)));
        assertThat(path.moments().getFirst().value()).isEmpty();
        assertThat(path.moments().getLast().value()).isEmpty();
        assertThat(at(path, 10)).isEqualTo(5, within(1e-9));
        assertThat(at(path, 30)).isEqualTo(25, within(1e-9));
        CablePath.Moment middle = path.moments().get(200);
        assertThat(middle.confidence()).isLessThan(path.moments().get(105).confidence());
    }

    @Test
    void onePlaceIsTooFew() {
        assertThat(MotionPath.join(steps(t -> t), List.of(new MotionPath.Known(10, 5)))
                        .moments())
                .allMatch(m -> m.value().isEmpty());
    }

    @Test
    void whereThePicturesTellNothingItGoesOnAsFast() {
        List<WallMotion.Step> steps = new ArrayList<>(steps(t -> t));
        for (int i = 200; i < 204; i++) {
            steps.set(i, new WallMotion.Step(i / 10.0, 0, 0));
        }
        MotionPath path = MotionPath.join(steps, List.of(new MotionPath.Known(0, 0), new MotionPath.Known(59.9, 59.9)));
        assertThat(at(path, 20.2)).isEqualTo(20.2, within(0.05));
    }
}
