package hitch.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class WallBandTest {
    private static final LensView LENS = LensView.across(640, 480, LensView.USUAL_DEGREES);

    @Test
    void anEvenPictureIsAnEvenWall() {
        int[] rgb = new int[640 * 480];
        Arrays.fill(rgb, 0x806040);
        WallBand band = WallBand.of(rgb, LENS, 0.2);
        int middle = 3 * WallBand.ROUND + 24;
        double light = WallBand.lightOf(band.light()[middle]);
        assertThat(light).isBetween(2.0, 2.6);
        assertThat(WallBand.lightOf(band.light()[middle + 40])).isCloseTo(light, within(0.02));
        assertThat(WallBand.hueOf(band.hue()[2 * (3 * WallBand.HUES + 6)]))
                .isCloseTo(Math.log(138 / 106.0), within(0.02));
        assertThat(WallBand.hueOf(band.hue()[2 * (3 * WallBand.HUES + 6) + 1]))
                .isCloseTo(Math.log(74 / 106.0), within(0.02));
    }

    @Test
    void whatLiesOutsideThePictureIsNotSeen() {
        int[] rgb = new int[640 * 160];
        WallBand band = WallBand.of(rgb, LensView.across(640, 160, LensView.USUAL_DEGREES), 0);
        assertThat(WallBand.lightOf(band.light()[0])).isNaN();
        assertThat(WallBand.hueOf(band.hue()[0])).isNaN();
    }

    @Test
    void rowsLieOneBehindTheOther() {
        for (int row = 1; row < WallBand.DEEP; row++) {
            assertThat(WallBand.ahead(row)).isGreaterThan(WallBand.ahead(row - 1));
        }
        assertThat(WallBand.ahead(0)).isGreaterThan(1.5);
        assertThat(WallBand.ahead(WallBand.DEEP - 1)).isLessThan(3);
    }
}
