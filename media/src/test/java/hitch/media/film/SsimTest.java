package hitch.media.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SsimTest {
    private static final int WIDE = 64;
    private static final int HIGH = 48;

    private static int[] picture() {
        int[] rgb = new int[WIDE * HIGH];
        for (int i = 0; i < rgb.length; i++) {
            int grey = 60 + (i % WIDE) * 2 + (i / WIDE % 8 < 4 ? 40 : 0);
            rgb[i] = grey << 16 | grey << 8 | grey;
        }
        return rgb;
    }

    private static int[] noisy(int much) {
        Random random = new Random(3);
        int[] rgb = picture();
        for (int i = 0; i < rgb.length; i++) {
            int grey = Math.clamp((rgb[i] & 255) + random.nextInt(2 * much + 1) - much, 0, 255);
            rgb[i] = grey << 16 | grey << 8 | grey;
        }
        return rgb;
    }

    @Test
    void aPictureIsLikeItselfAndLessLikeTheMoreItIsDisturbed() {
        assertThat(Ssim.of(picture(), picture(), WIDE, HIGH)).isCloseTo(1, within(1e-12));
        double before = 1;
        for (int much : new int[] {5, 15, 40, 100}) {
            double now = Ssim.of(picture(), noisy(much), WIDE, HIGH);
            assertThat(now).isLessThan(before).isGreaterThan(-1);
            assertThat(Ssim.of(noisy(much), picture(), WIDE, HIGH)).isCloseTo(now, within(1e-12));
            before = now;
        }
    }

    /** Two even pictures: only their brightness differs, and the measure is what its paper says of that, with variances of nothing. */
    @Test
    void evenPicturesDifferByTheirBrightnessAlone() {
        int[] dark = new int[WIDE * HIGH];
        int[] light = new int[WIDE * HIGH];
        Arrays.fill(dark, 0x646464);
        Arrays.fill(light, 0x969696);
        double c1 = Math.pow(0.01 * 255, 2);
        double expected = (2 * 100.0 * 150 + c1) / (100.0 * 100 + 150.0 * 150 + c1);
        assertThat(Ssim.of(dark, light, WIDE, HIGH)).isCloseTo(expected, within(1e-9));
    }

    @Test
    void picturesOfOtherSizesAreRefused() {
        assertThatThrownBy(() -> Ssim.of(picture(), new int[7], WIDE, HIGH))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
