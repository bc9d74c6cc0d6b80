package hitch.media.draw;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.Patch;
import hitch.core.footage.Writing;
import hitch.media.clip.Picture;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CoverTest {
    private static final int BRIGHT = 0xFFEEEEEE;

    private static Picture bright(int width, int height, long pts) {
        int[] rgb = new int[width * height];
        Arrays.fill(rgb, BRIGHT);
        return new Picture(width, height, rgb, pts);
    }

    private static boolean isBright(Picture picture, int x, int y) {
        return picture.rgb()[y * picture.width() + x] == BRIGHT;
    }

    @Test
    void coversOnlyWhileTheWritingStandsThere() {
        Writing writing = new Writing(new Patch(0, 0, 5000, 5000), 10, 20);
        assertThat(Cover.over(bright(40, 30, 9), List.of(writing)).rgb()).containsOnly(BRIGHT);
        assertThat(Cover.over(bright(40, 30, 20), List.of(writing)).rgb()).containsOnly(BRIGHT);
        Picture during = Cover.over(bright(40, 30, 10), List.of(writing));
        assertThat(isBright(during, 0, 0)).isFalse();
        assertThat(isBright(during, 19, 14)).isFalse();
        assertThat(isBright(during, 20, 14)).isTrue();
    }

    @Property(tries = 200)
    void nothingOfWhatStoodThereIsLeftAtAnySize(
            @ForAll @IntRange(max = 9000) int left,
            @ForAll @IntRange(max = 9000) int top,
            @ForAll @IntRange(min = 8, max = 90) int width,
            @ForAll @IntRange(min = 8, max = 90) int height) {
        Patch patch = new Patch(left, top, left + 900, top + 700);
        Picture picture = bright(width, height, 0);
        Picture covered = Cover.over(picture, List.of(new Writing(patch, 0, 1)));
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean outside = (x + 1) * (long) Patch.WHOLE <= (long) patch.left() * width
                        || x * (long) Patch.WHOLE >= (long) patch.right() * width
                        || (y + 1) * (long) Patch.WHOLE <= (long) patch.top() * height
                        || y * (long) Patch.WHOLE >= (long) patch.bottom() * height;
                assertThat(isBright(covered, x, y)).as("%d, %d", x, y).isEqualTo(outside);
            }
        }
        assertThat(picture.rgb()).as("the picture itself stays").containsOnly(BRIGHT);
    }
}
