package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.OddFootage;
import hitch.media.OddFootage.Recipe;
import hitch.media.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever a recorder wrote, any frame asked for is that frame, on first ask and in any order. */
class OddFootageTest {
    private static final int FRAMES = 90;

    @TempDir
    Path folder;

    static Stream<Recipe> recipes() {
        return Stream.of(
                Recipe.of("plain.mp4", "libopenh264"),
                Recipe.of("plain.mov", "mjpeg"),
                Recipe.of("plain.mkv", "libopenh264").from(250),
                Recipe.of("late.mp4", "mpeg4").from(75),
                Recipe.of("reordered.mp4", "mpeg4").reordered(2),
                Recipe.of("reordered.avi", "mpeg4").reordered(2),
                Recipe.of("plain.avi", "mpeg4"),
                Recipe.of("old.avi", "msmpeg4"),
                Recipe.of("pictures.avi", "mjpeg"),
                Recipe.of("program.mpg", "mpeg2video").reordered(2),
                Recipe.of("fields.vob", "mpeg2video").reordered(2).asFields(),
                Recipe.of("stream.ts", "mpeg2video").reordered(2).from(30),
                Recipe.of("stream-h264.ts", "libopenh264"),
                Recipe.of("windows.wmv", "wmv2"),
                Recipe.of("windows.asf", "wmv1"),
                Recipe.of("uneven.mp4", "mpeg4").uneven(10),
                Recipe.of("uneven.mkv", "mpeg4").reordered(2).uneven(10),
                Recipe.of("wide.mp4", "mpeg4").shaped(16));
    }

    private static int read(Picture picture) {
        return NumberedFootage.read(picture.rgb(), picture.width());
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void everyFrameIsThatFrame(Recipe recipe) throws MediaException {
        Path file = OddFootage.write(folder, recipe, FRAMES);
        List<Integer> kept =
                IntStream.range(0, FRAMES).filter(recipe::has).boxed().toList();
        exact(file, kept);
    }

    @ParameterizedTest
    @CsvSource({
        "h264-open-groups.ts, 0, 120",
        "h264-reordered.mp4, 0, 120",
        "h264-reordered.avi, 0, 120",
        "h264-intra-refresh.mkv, 0, 120",
        "hevc-open-groups.mkv, 0, 120",
        "h264-cut-head.ts, 64, 120"
    })
    void everyFrameOfARecordedSampleIsThatFrame(String name, int first, int end) throws MediaException, IOException {
        exact(sample(name), IntStream.range(first, end).boxed().toList());
    }

    private Path sample(String name) throws IOException {
        Path file = folder.resolve(name);
        try (InputStream in = OddFootageTest.class.getResourceAsStream("/hitch/media/samples/" + name)) {
            Files.copy(in, file);
        }
        return file;
    }

    private static void exact(Path file, List<Integer> numbers) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.frames().count()).isEqualTo(numbers.size());
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, numbers.size()).boxed().toList());
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_STORED)) {
            for (int i : order) {
                assertThat(read(reader.frame(i))).isEqualTo(numbers.get(i));
            }
        }
        // Hardly any room, so that nearly every frame is decoded for itself.
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_STORED, 1)) {
            java.util.Collections.shuffle(order, new Random(3));
            for (int i : order.subList(0, 40)) {
                assertThat(read(reader.frame(i))).as("frame %d at random", i).isEqualTo(numbers.get(i));
            }
        }
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_STORED)) {
            for (int i = numbers.size() - 1; i >= 0; i--) {
                assertThat(read(reader.frame(i))).as("frame %d going back", i).isEqualTo(numbers.get(i));
                assertThat(facts.frames().numberAt(facts.frames().pts(i))).isEqualTo(i);
            }
        }
        int middle = numbers.size() / 2;
        try (FrameReader reader = new FrameReader(file, facts.index(), PictureShape.AS_STORED)) {
            assertThat(read(reader.frame(middle))).as("asked first of all").isEqualTo(numbers.get(middle));
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void theLookThroughFindsNothingWrongWithAWholeFile(Recipe recipe) throws MediaException {
        Path file = OddFootage.write(folder, recipe, FRAMES);
        ClipFacts facts = ClipIndexer.index(file);
        ClipScanner.Outcome look = ClipScanner.scan(file, facts.index(), ClipScanner.Pictures.NONE, Progress.NONE);
        assertThat(look.decoded()).isEqualTo(facts.frames().count());
        assertThat(look.scan().damaged()).isEmpty();
        assertThat(facts.damage()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void anUntouchedCutHoldsTheSameFrames(Recipe recipe) throws MediaException {
        Path file = OddFootage.write(folder, recipe, FRAMES);
        ClipIndex index = ClipIndexer.index(file).index();
        Path out = folder.resolve("cut-" + recipe.name());
        UntouchedClip.TrueTimes times = UntouchedClip.cut(
                file, index, index.frames().pts(45), index.frames().pts(60), out, Progress.NONE);
        int first = index.frames().numberAt(times.firstPts());
        ClipIndex cut = ClipIndexer.index(out).index();
        assertThat(first).isBetween(20, 45);
        try (FrameReader whole = new FrameReader(file, index, PictureShape.AS_STORED);
                FrameReader part = new FrameReader(out, cut, PictureShape.AS_STORED)) {
            int offset = read(part.frame(0)) == read(whole.frame(first)) ? 0 : -1;
            assertThat(offset).as("the cut begins with its first frame").isZero();
            assertThat(read(part.frame(cut.frames().count() - 1)))
                    .isEqualTo(read(whole.frame(index.frames().numberAt(times.lastPts()))));
        }
    }

    @Test
    void tellsWhatAFileIs() throws MediaException {
        ClipFacts wide = ClipIndexer.index(
                OddFootage.write(folder, Recipe.of("wide.mp4", "mpeg4").shaped(16), 30));
        assertThat(wide.container()).isEqualTo("mp4");
        assertThat(wide.picture().codec()).isEqualTo("mpeg4");
        assertThat(wide.picture().shownWidth()).isEqualTo(342);
        assertThat(wide.picture().shownHeight()).isEqualTo(96);
        assertThat(wide.sound()).isEmpty();
        assertThat(wide.frames().rate()).isCloseTo(25, within(0.01));
        assertThat(wide.frames().isUneven()).isFalse();
        ClipFacts uneven = ClipIndexer.index(
                OddFootage.write(folder, Recipe.of("uneven.mkv", "mpeg4").uneven(10), 40));
        assertThat(uneven.frames().isUneven()).isTrue();
        ClipFacts late = ClipIndexer.index(
                OddFootage.write(folder, Recipe.of("late.mkv", "mpeg4").from(50), 30));
        assertThat(late.frames().base().seconds(late.frames().firstPts())).isCloseTo(2, within(0.002));
        ClipFacts fields = ClipIndexer.index(
                OddFootage.write(folder, Recipe.of("fields.mpg", "mpeg2video").asFields(), 30));
        assertThat(fields.picture().interlaced()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"90, 96, 192", "180, 192, 96", "270, 96, 192"})
    void aPictureRecordedOnItsSideStandsUpright(int turn, int width, int height) throws MediaException {
        Path file = OddFootage.write(folder, Recipe.of("turned.mp4", "mpeg4").turned(turn), 10);
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.picture().turn()).isEqualTo(turn);
        try (FrameReader reader = new FrameReader(file, facts.index())) {
            Picture picture = reader.frame(5);
            assertThat(picture.width()).isEqualTo(width);
            assertThat(picture.height()).isEqualTo(height);
            // Frame 5 has its first and third bar white; they start at the left edge as stored.
            int[] corner = {turn == 90 ? 2 : width - 3, turn == 270 ? height - 3 : 2};
            if (turn == 90) {
                assertThat(picture.rgb()[corner[1] * width + corner[0]] & 0xFF).isGreaterThan(200);
                assertThat(picture.rgb()[(height - 3) * width + 2] & 0xFF).isLessThan(60);
            } else {
                assertThat(picture.rgb()[corner[1] * width + corner[0]] & 0xFF).isGreaterThan(200);
            }
        }
    }

    @Test
    void theFramesOfAWidePictureAreShownInSquarePixels() throws MediaException {
        Path file = OddFootage.write(folder, Recipe.of("wide.mp4", "mpeg4").shaped(16), 30);
        ClipIndex index = ClipIndexer.index(file).index();
        try (FrameReader shown = new FrameReader(file, index);
                FrameReader small = new FrameReader(file, index, new PictureShape(true, 100))) {
            assertThat(shown.frame(3).width()).isEqualTo(342);
            assertThat(small.frame(3).width()).isEqualTo(100);
            assertThat(small.frame(3).height()).isEqualTo(28);
        }
    }

    @Test
    void whatWasListedIsKeptAndReadAgain() throws MediaException, IOException {
        Path file = OddFootage.write(folder, Recipe.of("reordered.avi", "mpeg4").reordered(2), FRAMES);
        ClipIndex index = ClipIndexer.index(file).index();
        Path kept = folder.resolve("kept");
        try (var out = Files.newOutputStream(kept)) {
            IndexFile.write(index, out);
        }
        ClipIndex again;
        try (var in = Files.newInputStream(kept)) {
            again = IndexFile.readIndex(in);
        }
        try (FrameReader reader = new FrameReader(file, again, PictureShape.AS_STORED)) {
            assertThat(read(reader.frame(57))).isEqualTo(57);
            assertThat(read(reader.frame(8))).isEqualTo(8);
        }
        assertThat(again.frames().endPts()).isEqualTo(index.frames().endPts());
        Files.write(kept, new byte[] {31, -117, 8, 0, 0, 1});
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> IndexFile.readIndex(Files.newInputStream(kept)))
                .isInstanceOf(IOException.class);
    }
}
