package hitch.core.counter.motion;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.GreyPicture;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class WallMotionTest {
    private static final int WIDTH = 200;
    private static final int HEIGHT = 160;

    /** A round pipe of random wall, seen from {@code depth} along it, with a spot that stays in place. */
    private static GreyPicture picture(double depth) {
        byte[] grey = new byte[WIDTH * HEIGHT];
        for (int i = 0; i < grey.length; i++) {
            double dx = i % WIDTH - WIDTH / 2.0;
            double dy = i / WIDTH - HEIGHT / 2.0;
            double r = Math.max(2, Math.hypot(dx, dy));
            double z = HEIGHT / 2.0 / r + depth;
            double angle = Math.atan2(dy, dx);
            double wall = 90 + 40 * Math.sin(3 * angle + 5 * z) + 30 * Math.sin(7 * angle - 11 * z + 1);
            double light = Math.min(1, r / 60);
            grey[i] = (byte) Math.clamp(wall * light, 0, 255);
        }
        Random dirt = new Random(4);
        for (int i = 0; i < 60; i++) {
            grey[dirt.nextInt(grey.length)] = (byte) 255;
        }
        return new GreyPicture(WIDTH, HEIGHT, grey);
    }

    private static double gone(DoubleUnaryOperator depth) {
        WallMotion motion = new WallMotion();
        for (int i = 0; i < 80; i++) {
            motion.take(i / 10.0, picture(depth.applyAsDouble(i)));
        }
        return motion.steps().stream().mapToDouble(WallMotion.Step::forward).sum();
    }

    @Test
    void forwardIsForwardAndInProportion() {
        double slow = gone(i -> i * 0.08);
        double fast = gone(i -> i * 0.16);
        assertThat(slow).isPositive();
        assertThat(fast / slow).isBetween(1.9, 2.1);
    }

    @Test
    void backIsBack() {
        double out = gone(i -> i * 0.1);
        assertThat(gone(i -> 20 - i * 0.1) / out).isBetween(-1.05, -0.95);
    }

    @Test
    void aStandingCameraGoesNowhere() {
        assertThat(Math.abs(gone(i -> 3))).isLessThan(0.05);
    }
}
