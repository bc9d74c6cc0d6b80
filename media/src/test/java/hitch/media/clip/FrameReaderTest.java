package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FrameReaderTest {
    private static final int FRAMES = 260;

    @TempDir
    static Path folder;

    private static Path clip;
    private static FrameIndex index;
    private static ClipIndex whole;

    @BeforeAll
    static void record() throws MediaException {
        clip = NumberedFootage.write(folder.resolve("numbered.mp4"), FRAMES);
        whole = ClipIndexer.index(clip).index();
        index = whole.frames();
    }

    private static int number(FrameReader reader, int frame) throws MediaException {
        Picture picture = reader.frame(frame);
        assertThat(picture.pts()).isEqualTo(index.pts(frame));
        return NumberedFootage.read(picture.rgb(), picture.width());
    }

    @Test
    void indexesEveryFrame() throws MediaException {
        ClipFacts facts = ClipIndexer.index(clip);
        assertThat(facts.frames().count()).isEqualTo(FRAMES);
        assertThat(facts.picture().width()).isEqualTo(NumberedFootage.WIDTH);
        assertThat(facts.picture().height()).isEqualTo(NumberedFootage.HEIGHT);
        assertThat(facts.sound()).isPresent();
        assertThat(facts.frames().rate()).isBetween(24.9, 25.1);
        assertThat(facts.frames().isKey(0)).isTrue();
    }

    @Test
    void givesExactlyTheFrameAskedForInAnyOrder() throws MediaException {
        Random random = new Random(7);
        try (FrameReader reader = new FrameReader(clip, whole)) {
            for (int i = 0; i < 60; i++) {
                int frame = random.nextInt(FRAMES);
                assertThat(number(reader, frame)).isEqualTo(frame);
            }
        }
    }

    @Test
    void stepsForwardAndBackFrameByFrame() throws MediaException {
        try (FrameReader reader = new FrameReader(clip, whole)) {
            for (int frame = 40; frame < 110; frame++) {
                assertThat(number(reader, frame)).isEqualTo(frame);
            }
            for (int frame = 110; frame > 90; frame--) {
                assertThat(number(reader, frame)).isEqualTo(frame);
            }
        }
    }

    @Test
    void givesTheLastFrameFirstAndTheFirstAfterIt() throws MediaException {
        try (FrameReader reader = new FrameReader(clip, whole)) {
            assertThat(number(reader, FRAMES - 1)).isEqualTo(FRAMES - 1);
            assertThat(number(reader, 0)).isZero();
            assertThat(NumberedFootage.read(reader.frame(9999).rgb(), NumberedFootage.WIDTH))
                    .isEqualTo(FRAMES - 1);
        }
    }

    @Test
    void aTimeMeansTheFrameOnShow() throws MediaException {
        try (FrameReader reader = new FrameReader(clip, whole)) {
            long within = (index.pts(77) + index.pts(78)) / 2;
            assertThat(NumberedFootage.read(reader.at(within).rgb(), NumberedFootage.WIDTH))
                    .isEqualTo(77);
        }
    }

    @Test
    void readsSoundInItsPlace() throws MediaException {
        float[] sound = SoundReader.read(clip, 2, 1.5).samples();
        assertThat(sound).hasSize(72_000);
        // A tone of 440 hertz crosses zero 880 times a second.
        int crossings = 0;
        for (int i = 1; i < sound.length; i++) {
            if (sound[i - 1] < 0 != sound[i] < 0) {
                crossings++;
            }
        }
        assertThat(crossings).isBetween(1300, 1340);
        assertThat(SoundReader.read(clip, 500, 0.1).samples()).containsOnly(0f);
    }

    @Test
    void fingerprintsAsTheStandardSays() throws MediaException, IOException {
        Path abc = Files.writeString(folder.resolve("abc"), "abc");
        assertThat(Fingerprint.of(abc, Progress.NONE))
                .isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    }

    @Test
    void namesWhatIsWrongWithAFile() throws IOException {
        Path empty = Files.createFile(folder.resolve("empty.mp4"));
        Path text = Files.writeString(folder.resolve("text.mp4"), "this is not footage");
        Path cut = Files.write(folder.resolve("cut.mp4"), java.util.Arrays.copyOf(Files.readAllBytes(clip), 900));
        assertThatThrownBy(() -> ClipIndexer.index(folder.resolve("gone.mp4")))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("gone.mp4 is not at");
        assertThatThrownBy(() -> ClipIndexer.index(empty)).hasMessageContaining("empty.mp4 is empty");
        assertThatThrownBy(() -> ClipIndexer.index(text)).hasMessageContaining("text.mp4 is not a video");
        assertThatThrownBy(() -> ClipIndexer.index(cut))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("cut.mp4");
        assertThatThrownBy(() -> ClipIndexer.index(folder)).hasMessageContaining("is a folder");
    }

    @Test
    void neverWritesToItsSource() throws MediaException, IOException {
        String before = Fingerprint.of(clip, Progress.NONE);
        var time = Files.getLastModifiedTime(clip);
        try (FrameReader reader = new FrameReader(clip, whole)) {
            reader.frame(100);
        }
        UntouchedClip.cut(clip, whole, index.pts(60), index.pts(90), folder.resolve("part.mp4"), Progress.NONE);
        assertThat(Fingerprint.of(clip, Progress.NONE)).isEqualTo(before);
        assertThat(Files.getLastModifiedTime(clip)).isEqualTo(time);
    }

    @Test
    void cutsUntouchedAndTellsTheTrueTimes() throws MediaException {
        Path part = folder.resolve("untouched.mp4");
        UntouchedClip.TrueTimes times =
                UntouchedClip.cut(clip, whole, index.pts(120), index.pts(150), part, Progress.NONE);
        int first = index.numberAt(times.firstPts());
        int last = index.numberAt(times.lastPts());
        assertThat(first).isEqualTo(index.keyBefore(120));
        assertThat(last).isEqualTo(150);
        ClipIndex cut = ClipIndexer.index(part).index();
        assertThat(cut.frames().count()).isEqualTo(last - first + 1);
        try (FrameReader reader = new FrameReader(part, cut)) {
            for (int frame :
                    new int[] {0, 1, cut.frames().count() / 2, cut.frames().count() - 1}) {
                Picture picture = reader.frame(frame);
                assertThat(NumberedFootage.read(picture.rgb(), picture.width())).isEqualTo(first + frame);
            }
        }
    }

    @Test
    void refusesToCutWhatIsNotThere() {
        assertThatThrownBy(() -> UntouchedClip.cut(
                        clip, whole, index.pts(10), index.pts(10), folder.resolve("x.unknown"), Progress.NONE))
                .isInstanceOf(MediaException.class);
        assertThat(folder.resolve("x.unknown")).doesNotExist();
    }
}
