package hitch.media.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Pictures brought to another size keep their colours and their places. */
class EnlargedTest {
    /** Whatever size, a picture of one colour stays of that colour: the three are not exchanged. */
    @Property(tries = 20)
    void oneColourStaysThatColour(
            @ForAll @IntRange(min = 8, max = 90) int width,
            @ForAll @IntRange(min = 8, max = 60) int height,
            @ForAll @IntRange(max = 0xFFFFFF) int colour) {
        int[] picture = new int[width * height];
        Arrays.fill(picture, 0xFF000000 | colour);
        try (Enlarged enlarged = new Enlarged()) {
            for (int pixel : enlarged.of(picture, width, height, width * 2 - 3, height * 2 - 1)) {
                assertThat(pixel >>> 24).isEqualTo(0xFF);
                for (int shift : new int[] {0, 8, 16}) {
                    assertThat(pixel >> shift & 0xFF)
                            .isBetween((colour >> shift & 0xFF) - 2, (colour >> shift & 0xFF) + 2);
                }
            }
        }
    }

    @Test
    void whatIsLeftStaysLeftAndTheSameSizeIsTheSamePicture() {
        int[] picture = new int[40 * 20];
        for (int i = 0; i < picture.length; i++) {
            picture[i] = i % 40 < 20 ? 0xFFFF0000 : 0xFF0000FF;
        }
        try (Enlarged enlarged = new Enlarged()) {
            assertThat(enlarged.of(picture, 40, 20, 40, 20)).isSameAs(picture);
            int[] larger = enlarged.of(picture, 40, 20, 80, 40);
            assertThat(larger[20 * 80 + 10]).isEqualTo(0xFFFF0000);
            assertThat(larger[20 * 80 + 70]).isEqualTo(0xFF0000FF);
        }
    }
}
