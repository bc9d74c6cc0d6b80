package hitch.media.draw;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.Adjustment;
import hitch.media.clip.Picture;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AdjusterTest {
    private static Picture noise(int width, int height) {
        Random random = new Random(4);
        int[] rgb = random.ints((long) width * height)
                .map(i -> i & 0xFFFFFF | 0xFF000000)
                .toArray();
        return new Picture(width, height, rgb, 7);
    }

    private static Picture flat(int colour) {
        int[] rgb = new int[64];
        java.util.Arrays.fill(rgb, 0xFF000000 | colour);
        return new Picture(8, 8, rgb, 0);
    }

    @Test
    void nothingIsTheSamePicture() {
        Picture picture = noise(8, 6);
        assertThat(Adjuster.apply(picture, Adjustment.NONE)).isSameAs(picture);
    }

    @Test
    void neverWritesIntoThePictureItself() {
        Picture picture = noise(20, 12);
        int[] before = picture.rgb().clone();
        Adjuster.apply(picture, new Adjustment(33, true, 0.2, 0.1, 1.5, true));
        assertThat(picture.rgb()).isEqualTo(before);
    }

    @Test
    void halfATurnTwiceIsThePictureAgain() {
        Picture picture = noise(9, 6);
        Adjustment over = Adjustment.NONE.withRoll(180);
        Picture turned = Adjuster.apply(picture, over);
        assertThat(turned.rgb()[0]).isEqualTo(picture.rgb()[picture.rgb().length - 1]);
        assertThat(Adjuster.apply(turned, over).rgb()).isEqualTo(picture.rgb());
        assertThat(turned.pts()).isEqualTo(7);
    }

    @Test
    void mirroringTwiceIsThePictureAgain() {
        Picture picture = noise(9, 6);
        Adjustment mirror = Adjustment.NONE.withMirror(true);
        Picture swapped = Adjuster.apply(picture, mirror);
        assertThat(swapped.rgb()[0]).isEqualTo(picture.rgb()[8]);
        assertThat(Adjuster.apply(swapped, mirror).rgb()).isEqualTo(picture.rgb());
    }

    @Test
    void turningClockwiseMovesTheTopToTheRight() {
        int[] rgb = new int[41 * 41];
        java.util.Arrays.fill(rgb, 0xFF000000);
        for (int y = 2; y < 8; y++) {
            for (int x = 18; x < 23; x++) {
                rgb[y * 41 + x] = 0xFFFFFFFF;
            }
        }
        Picture turned = Adjuster.apply(new Picture(41, 41, rgb, 0), Adjustment.NONE.withRoll(90));
        assertThat(turned.rgb()[20 * 41 + 36] & 0xFF).isGreaterThan(200);
        assertThat(turned.rgb()[4 * 41 + 20] & 0xFF).isLessThan(40);
    }

    @Test
    void toneLiftsAndSpreads() {
        int lifted = Adjuster.apply(flat(0x404040), Adjustment.NONE.withTone(0, 0, 2))
                        .rgb()[0]
                & 0xFF;
        int brighter = Adjuster.apply(flat(0x404040), Adjustment.NONE.withTone(0.2, 0, 1))
                        .rgb()[0]
                & 0xFF;
        int spread = Adjuster.apply(flat(0x404040), Adjustment.NONE.withTone(0, 0.5, 1))
                        .rgb()[0]
                & 0xFF;
        assertThat(lifted).isBetween(120, 132);
        assertThat(brighter).isBetween(108, 118);
        assertThat(spread).isLessThan(0x30);
        assertThat(Adjuster.apply(flat(0x808080), Adjustment.NONE.withTone(0, 0.5, 1))
                                .rgb()[0]
                        & 0xFF)
                .isBetween(124, 132);
    }

    @Test
    void combingGoesAndEvenLinesStay() {
        int[] rgb = new int[16 * 16];
        for (int y = 0; y < 16; y++) {
            for (int x = 0; x < 16; x++) {
                rgb[y * 16 + x] = y % 2 == 0 ? 0xFFFFFFFF : 0xFF000000;
            }
        }
        Picture out = Adjuster.apply(new Picture(16, 16, rgb, 0), Adjustment.NONE.withDeinterlace(true));
        for (int y = 0; y < 15; y++) {
            assertThat(out.rgb()[y * 16 + 8] & 0xFF).as("line %d", y).isEqualTo(255);
        }
    }
}
