package hitch.media.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.media.clip.Picture;
import hitch.media.film.PairPicture;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class AlikeLightTest {
    /** Stripes of two greys. */
    private static Picture stripes(int dark, int bright) {
        int[] rgb = new int[64 * 48];
        for (int i = 0; i < rgb.length; i++) {
            int v = i % 64 / 8 % 2 == 0 ? dark : bright;
            rgb[i] = 0xFF000000 | v << 16 | v << 8 | v;
        }
        return new Picture(64, 48, rgb, 3);
    }

    private static double mean(Picture picture) {
        return Arrays.stream(picture.rgb()).mapToDouble(p -> p & 0xFF).average().orElseThrow();
    }

    @Test
    void aDarkPictureTakesTheLightOfABrightOne() {
        Picture alike = AlikeLight.of(stripes(20, 60), stripes(100, 180));
        assertThat(mean(alike)).isCloseTo(140, within(2.0));
        assertThat(alike.rgb()[0] & 0xFF).isCloseTo(100, within(3));
        assertThat(alike.rgb()[8] & 0xFF).isCloseTo(180, within(3));
        assertThat(alike.pts()).isEqualTo(3);
    }

    @Test
    void anEvenPictureIsNotTornApart() {
        Picture alike = AlikeLight.of(stripes(50, 50), stripes(0, 255));
        assertThat(mean(alike)).isCloseTo(127, within(3.0));
        assertThat(alike.rgb()[0]).isEqualTo(alike.rgb()[8]);
    }

    @Test
    void aPairStandsSideBySideAtOneHeight() {
        Picture pair = PairPicture.of("12.4 ft", List.of(stripes(0, 9), stripes(200, 255)), List.of("out", "back"));
        assertThat(pair.width()).isGreaterThan(2 * 64);
        assertThat(pair.height()).isGreaterThan(48);
        int left = pair.rgb()[40 * pair.width() + 40] & 0xFF;
        int right = pair.rgb()[40 * pair.width() + pair.width() - 40] & 0xFF;
        assertThat(left).isLessThan(20);
        assertThat(right).isGreaterThan(190);
    }
}
