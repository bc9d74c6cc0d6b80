package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.GreyPicture;
import org.junit.jupiter.api.Test;

class OpenAirTest {
    private static GreyPicture picture(java.util.function.IntBinaryOperator light) {
        int[] rgb = new int[160 * 120];
        for (int y = 0; y < 120; y++) {
            for (int x = 0; x < 160; x++) {
                int v = light.applyAsInt(x, y);
                rgb[y * 160 + x] = v << 16 | v << 8 | v;
            }
        }
        return GreyPicture.of(160, 120, rgb);
    }

    @Test
    void aPipeIsDarkWhereItGoes() {
        assertThat(OpenAir.isPipe(picture((x, y) -> Math.hypot(x - 80, y - 60) < 18 ? 12 : 140)))
                .isTrue();
        assertThat(OpenAir.isPipe(picture((x, y) -> Math.hypot(x - 50, y - 80) < 18 ? 20 : 120)))
                .isTrue();
    }

    @Test
    void grassUnderTheSkyIsNoPipe() {
        assertThat(OpenAir.isPipe(picture((x, y) -> y < 40 ? 220 : 90 + (x * 7 + y * 3) % 40)))
                .isFalse();
        assertThat(OpenAir.isPipe(picture((x, y) -> 128))).isFalse();
    }

    /** A shadow at the edge is no way that goes on. */
    @Test
    void darkAtTheEdgeIsNoPipe() {
        assertThat(OpenAir.isPipe(picture((x, y) -> x < 20 ? 10 : 150))).isFalse();
    }
}
