package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.footage.Stretch;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.OddFootage;
import hitch.media.OddFootage.Recipe;
import hitch.media.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cut, scratched and unfinished files: what can be shown is shown, what cannot is said, and nothing hangs. */
@Timeout(120)
class DamagedFootageTest {
    private static final int FRAMES = 150;

    @TempDir
    Path folder;

    static Stream<Recipe> recipes() {
        return Stream.of(
                Recipe.of("a.avi", "mpeg4").reordered(2),
                Recipe.of("b.mpg", "mpeg2video").reordered(2),
                Recipe.of("c.ts", "libopenh264"),
                Recipe.of("d.mkv", "mpeg4"),
                Recipe.of("e.wmv", "wmv2"),
                Recipe.of("f.avi", "mjpeg"));
    }

    private Path cut(Path file, double share, String name) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        Path out = folder.resolve(name);
        Files.write(out, Arrays.copyOf(bytes, (int) (bytes.length * share)));
        return out;
    }

    private Path scratched(Path file, double from, double to, int scratches, String name) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        Random random = new Random(scratches);
        for (int i = 0; i < scratches; i++) {
            int at = (int) (bytes.length * (from + (to - from) * random.nextDouble()));
            bytes[at] = (byte) random.nextInt();
        }
        Path out = folder.resolve(name);
        Files.write(out, bytes);
        return out;
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void theWholePartOfACutFileIsReadExactly(Recipe recipe) throws MediaException, IOException {
        Path file = OddFootage.write(folder, recipe, FRAMES);
        Path part = cut(file, 0.6, "cut-" + recipe.name());
        ClipIndex index = ClipIndexer.index(part).index();
        assertThat(index.frames().count()).isBetween(60, 120);
        try (FrameReader reader = new FrameReader(part, index, PictureShape.AS_STORED)) {
            for (int i : new int[] {50, 0, 33, index.frames().count() - 4}) {
                Picture picture = reader.frame(i);
                assertThat(NumberedFootage.read(picture.rgb(), picture.width())).isEqualTo(i);
            }
        }
    }

    @Test
    void aCutFileThatKnowsItsLengthSaysSo() throws MediaException, IOException {
        Path part = cut(OddFootage.write(folder, Recipe.of("a.avi", "mpeg4"), FRAMES), 0.5, "cut.avi");
        assertThat(ClipIndexer.index(part).damage())
                .anySatisfy(words -> assertThat(words).startsWith("the file is cut off: it says 0:06.0 and holds 0:0"));
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void aScratchIsPlayedOverAndFound(Recipe recipe) throws MediaException, IOException {
        Path file = OddFootage.write(folder, recipe, FRAMES);
        Path hurt = scratched(file, 0.5, 0.6, 60, "hurt-" + recipe.name());
        ClipIndex index = ClipIndexer.index(hurt).index();
        List<Stretch> damaged = ClipScanner.scan(hurt, index, ClipScanner.Pictures.NONE, Progress.NONE)
                .scan()
                .damaged();
        int last = index.frames().count() - 1;
        try (FrameReader reader = new FrameReader(hurt, index, PictureShape.AS_STORED)) {
            for (int i = 0; i <= last; i++) {
                reader.frame(i);
            }
            Picture before = reader.frame(20);
            assertThat(NumberedFootage.read(before.rgb(), before.width())).isEqualTo(20);
        }
        boolean padded = recipe.name().endsWith(".ts");
        if (!padded) {
            // A transport stream of so small a picture is mostly padding, where a scratch may do nothing.
            assertThat(damaged).isNotEmpty();
            double from = index.frames()
                    .base()
                    .seconds(damaged.getFirst().fromPts() - index.frames().firstPts());
            assertThat(from).isBetween(1.5, 4.5);
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void noNonsenseInAFileCrashesOrHangs(Recipe recipe) throws MediaException, IOException {
        Path file = OddFootage.write(folder, recipe, 60);
        byte[] before = Files.readAllBytes(file);
        for (int round = 1; round <= 8; round++) {
            Path hurt = scratched(file, 0, 1, 40 * round, round + "-" + recipe.name());
            byte[] bytes = Files.readAllBytes(hurt);
            try {
                ClipIndex index = ClipIndexer.index(hurt).index();
                ClipScanner.scan(hurt, index, ClipScanner.Pictures.NONE, Progress.NONE);
                try (FrameReader reader = new FrameReader(hurt, index)) {
                    for (int i = 0; i < 10; i++) {
                        reader.frame(new Random(i).nextInt(index.frames().count()));
                    }
                }
            } catch (MediaException e) {
                assertThat(e.getMessage()).contains(hurt.getFileName().toString());
            }
            assertThat(Files.readAllBytes(hurt)).isEqualTo(bytes);
        }
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void anUnfinishedFileIsRecoveredWithASisterClip() throws MediaException, IOException {
        Path whole = NumberedFootage.write(folder.resolve("whole.mp4"), 120);
        byte[] finished = Files.readAllBytes(whole);
        Path broken = folder.resolve("broken.mp4");
        Files.write(broken, unfinished(finished));
        byte[] before = Files.readAllBytes(broken);
        assertThatThrownBy(() -> ClipIndexer.index(broken))
                .isInstanceOf(UnwrittenIndexException.class)
                .hasMessageContaining("broken.mp4 was never finished")
                .hasMessageContaining("Nothing was changed");
        Path out = folder.resolve("recovered.mp4");
        assertThatThrownBy(() -> Rescue.recover(broken, Optional.empty(), out, Progress.NONE))
                .hasMessageContaining("--like");
        Rescue.Outcome found = Rescue.recover(broken, Optional.of(whole), out, Progress.NONE);
        assertThat(found.frames()).isBetween(95, 120);
        assertThat(found.rate()).isBetween(24.9, 25.1);
        ClipIndex index = ClipIndexer.index(out).index();
        try (FrameReader reader = new FrameReader(out, index, PictureShape.AS_STORED)) {
            for (int i : new int[] {0, 60, 90, 13}) {
                Picture picture = reader.frame(i);
                assertThat(NumberedFootage.read(picture.rgb(), picture.width())).isEqualTo(i);
            }
        }
        assertThat(Files.readAllBytes(broken)).isEqualTo(before);
        assertThatThrownBy(() -> Rescue.recover(whole, Optional.empty(), out, Progress.NONE))
                .hasMessageContaining("has its index");
    }

    /** The bytes as a recorder leaves them that loses power: the data come first, and the index never does. */
    private static byte[] unfinished(byte[] finished) {
        String text = new String(finished, java.nio.charset.StandardCharsets.ISO_8859_1);
        int data = text.indexOf("mdat") - 4;
        byte[] head = Arrays.copyOf(finished, 32);
        byte[] broken = new byte[32 + finished.length - data - 400];
        System.arraycopy(head, 0, broken, 0, 32);
        System.arraycopy(finished, data, broken, 32, broken.length - 32);
        java.nio.ByteBuffer.wrap(broken).putInt(0, 32);
        java.nio.ByteBuffer.wrap(broken).putInt(32, 0);
        return broken;
    }

    @Test
    void aFileWhoseIndexIsThereButCannotBeReadIsRecoveredLikeOneWithout() throws MediaException, IOException {
        Path whole = NumberedFootage.write(folder.resolve("whole.mp4"), 60);
        byte[] bytes = Files.readAllBytes(whole);
        String text = new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1);
        for (String box : List.of("trak", "mdia", "stbl")) {
            for (int at = text.indexOf(box); at >= 0; at = text.indexOf(box, at + 1)) {
                bytes[at] = 'x';
            }
        }
        Path broken = Files.write(folder.resolve("broken.mp4"), bytes);
        assertThatThrownBy(() -> ClipIndexer.index(broken)).isInstanceOf(MediaException.class);
        Path out = folder.resolve("recovered.mp4");
        assertThat(Rescue.recover(broken, Optional.of(whole), out, Progress.NONE)
                        .frames())
                .isEqualTo(60);
    }

    @Test
    void recoveringASpecialFileIsRefusedAtOnce() {
        assertThatThrownBy(() -> Rescue.recover(
                        Path.of("/dev/zero"), Optional.empty(), folder.resolve("out.mp4"), Progress.NONE))
                .hasMessageContaining("is no ordinary file");
        assertThatThrownBy(() -> Rescue.recover(folder, Optional.empty(), folder.resolve("out.mp4"), Progress.NONE))
                .hasMessageContaining("is a folder");
    }

    @Test
    void anUnfinishedFileOfJpegsNeedsNoSister() throws MediaException, IOException {
        byte[] finished = Files.readAllBytes(OddFootage.write(folder, Recipe.of("whole.mov", "mjpeg"), 60));
        Path broken = folder.resolve("broken.mov");
        String text = new String(finished, java.nio.charset.StandardCharsets.ISO_8859_1);
        Files.write(broken, Arrays.copyOf(finished, text.indexOf("moov") - 4 - 100));
        Path out = folder.resolve("recovered.mp4");
        assertThat(Rescue.recover(broken, Optional.empty(), out, Progress.NONE).frames())
                .isEqualTo(59);
    }

    @Test
    void tellsWhyAFileIsNoFootage() throws IOException, MediaException {
        Path random = folder.resolve("random.avi");
        byte[] bytes = new byte[5000];
        new Random(1).nextBytes(bytes);
        Files.write(random, bytes);
        assertThatThrownBy(() -> ClipIndexer.index(random)).isInstanceOf(MediaException.class);
        Path half = folder.resolve("half.mp4");
        Files.write(half, Arrays.copyOf(Files.readAllBytes(NumberedFootage.write(folder.resolve("x.mp4"), 5)), 60));
        assertThatThrownBy(() -> ClipIndexer.index(half))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("half.mp4");
    }
}
