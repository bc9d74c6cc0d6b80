package hitch.media.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.MediaException;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A film is coded in stretches by two at once; nobody sees where they meet. */
class StretchesTest {
    private static final int WIDTH = 320;
    private static final int HEIGHT = 240;
    private static final int RATE = 25;
    private static final int STRETCH = 2 * RATE;
    private static final VideoWriter.Shape SHAPE = new VideoWriter.Shape(WIDTH, HEIGHT, RATE, 900_000, 64_000);

    @TempDir
    Path folder;

    /** A pipe's wall going by, with the grain of a camera. */
    private static int[] picture(int number) {
        java.util.Random grain = new java.util.Random(number);
        int[] rgb = new int[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double far = Math.hypot(x - WIDTH / 2.0, y - HEIGHT / 2.0);
                int grey = (int)
                        (110 + 70 * Math.sin(far / 9 - number * 0.35) + 20 * Math.sin(x / 13.0) + grain.nextInt(6));
                rgb[y * WIDTH + x] = grey << 16 | grey << 8 | grey;
            }
        }
        return rgb;
    }

    private static double apart(int[] one, int[] other) {
        long sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += Math.abs((one[i] >> 8 & 0xFF) - (other[i] >> 8 & 0xFF));
        }
        return (double) sum / one.length;
    }

    /** {@code standing} says which pictures stand for a beat more. */
    private Path written(int frames, java.util.function.IntPredicate standing) throws MediaException {
        Path out = folder.resolve("film.mp4");
        try (VideoWriter writer = new VideoWriter(out, SHAPE, "film", List.of())) {
            for (int n = 0; n < frames; n++) {
                writer.sound(new float[48_000 / RATE]);
                if (standing.test(n)) {
                    writer.again();
                } else {
                    writer.picture(picture(n));
                }
            }
            assertThat(writer.pictureCount()).isEqualTo(frames);
            writer.finish();
        }
        return out;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, STRETCH, STRETCH + 1, 2 * STRETCH + 7})
    void everyPictureIsThereInItsPlace(int frames) throws MediaException {
        Path film = written(frames, n -> false);
        ClipIndex index = ClipIndexer.index(film).index();
        assertThat(index.frames().count()).isEqualTo(frames);
        try (FrameReader reader = new FrameReader(film, index)) {
            for (int n = 0; n < frames; n++) {
                int[] shown = reader.frame(n).rgb();
                assertThat(apart(shown, picture(n))).as("picture %d", n).isLessThan(8);
                if (n > 0) {
                    assertThat(apart(shown, picture(n))).isLessThan(apart(shown, picture(n - 1)));
                }
            }
            for (int n = 0; n < frames; n += STRETCH) {
                assertThat(index.frames().isKey(n))
                        .as("a stretch needs none before it")
                        .isTrue();
            }
        }
    }

    @Test
    void whereTwoMeetThePicturesAreAsGoodAsElsewhere() throws MediaException {
        int frames = 4 * STRETCH;
        Path film = written(frames, n -> false);
        double[] errors = new double[frames];
        try (FrameReader reader = new FrameReader(film, ClipIndexer.index(film).index())) {
            for (int n = 0; n < frames; n++) {
                errors[n] = apart(reader.frame(n).rgb(), picture(n));
            }
        }
        double[] sorted = errors.clone();
        Arrays.sort(sorted);
        // The first stretches of both coders find their rate.
        for (int seam = 2 * STRETCH; seam < frames; seam += STRETCH) {
            for (int n = seam - 2; n < seam + 2; n++) {
                assertThat(errors[n]).as("picture %d", n).isLessThan(1.6 * sorted[frames / 2]);
            }
        }
    }

    @Test
    void aPictureThatStandsAcrossAMeetingStandsStill() throws MediaException {
        Path film = written(3 * STRETCH, n -> n > STRETCH - 10 && n < 2 * STRETCH + 10);
        List<Double> errors = new ArrayList<>();
        try (FrameReader reader = new FrameReader(film, ClipIndexer.index(film).index())) {
            for (int n = STRETCH - 10; n < 2 * STRETCH + 10; n++) {
                errors.add(apart(reader.frame(n).rgb(), picture(STRETCH - 10)));
            }
        }
        assertThat(errors).allMatch(e -> e < 8);
    }

    @Test
    void oneThatIsLeftInTheMiddleLeavesNothing() throws MediaException {
        try (VideoWriter writer = new VideoWriter(folder.resolve("half.mp4"), SHAPE, "t", List.of())) {
            for (int n = 0; n < 2 * STRETCH + 20; n++) {
                writer.picture(picture(n));
            }
        }
        assertThat(folder.toFile().list()).isEmpty();
    }

    @Test
    void aHandThatIsInterruptedIsToldSo() throws MediaException {
        try (VideoWriter writer = new VideoWriter(folder.resolve("half.mp4"), SHAPE, "t", List.of())) {
            writer.picture(picture(0));
            Thread.currentThread().interrupt();
            assertThatThrownBy(() -> writer.picture(picture(1)))
                    .isInstanceOf(MediaException.class)
                    .hasMessageContaining("stopped");
            assertThat(Thread.interrupted()).isTrue();
        }
    }
}
