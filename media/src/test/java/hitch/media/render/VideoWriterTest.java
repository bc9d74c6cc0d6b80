package hitch.media.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.media.MediaException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.bytedeco.javacpp.Pointer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class VideoWriterTest {
    private static final VideoWriter.Shape SHAPE = new VideoWriter.Shape(1280, 720, 25, 2_000_000, 96_000);
    private static final int TIMES = 60;

    @TempDir
    Path folder;

    private void refused() {
        assertThatThrownBy(() -> new VideoWriter(folder.resolve("none/at/all.mp4"), SHAPE, "t", List.of()))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("Choose another folder");
    }

    @Test
    void oneThatCannotBeOpenedKeepsNoMemory() {
        for (int i = 0; i < 5; i++) {
            refused();
        }
        long before = Pointer.physicalBytes();
        for (int i = 0; i < TIMES; i++) {
            refused();
        }
        // Each holds some five million bytes of pictures.
        assertThat(Pointer.physicalBytes() - before).isLessThan(TIMES * 1_500_000L);
    }

    @Test
    void oneThatIsNotFinishedLeavesNothing() throws MediaException {
        try (VideoWriter writer = new VideoWriter(folder.resolve("half.mp4"), SHAPE, "t", List.of())) {
            writer.picture(new int[1280 * 720]);
        }
        assertThat(folder.toFile().list()).isEmpty();
    }

    @Test
    void whatStoodThereStaysUntilTheNewOneIsWhole() throws Exception {
        Path out = Files.writeString(folder.resolve("old.mp4"), "the one before");
        try (VideoWriter writer = new VideoWriter(out, SHAPE, "t", List.of())) {
            writer.picture(new int[1280 * 720]);
            assertThat(out).hasContent("the one before");
            writer.finish();
        }
        assertThat(Files.size(out)).isGreaterThan(500);
    }
}
