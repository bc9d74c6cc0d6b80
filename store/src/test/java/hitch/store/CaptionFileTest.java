package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.talk.Commentary;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CaptionFileTest {
    @TempDir
    private Path folder;

    private final Clip clip = Sample.clip(Sample.DOWN, 60);

    @Test
    void captionsBelongToTheirClip() throws Exception {
        Path file = Files.writeString(folder.resolve("said.srt"), "1\n00:00:05,000 --> 00:00:08,000\nRoots at nine.\n");
        Commentary said = CaptionFile.read(file, clip);
        assertThat(said.clip()).isEqualTo(clip.id());
        assertThat(said.fileName()).isEqualTo("said.srt");
        assertThat(said.cues()).hasSize(1);
        assertThat(CaptionFile.read(file, clip).id()).isEqualTo(said.id());
    }

    @Test
    void textOfAnOlderMachineIsRead() throws Exception {
        Path file = folder.resolve("old.txt");
        Files.write(file, "[0:05] roots \u00bd inch".getBytes(Charset.forName("windows-1252")));
        assertThat(CaptionFile.read(file, clip).cues().getFirst().text()).isEqualTo("roots \u00bd inch");
    }

    @Test
    void aFileWithoutCaptionsIsRefusedWithWhatToDo() throws IOException {
        Path file = Files.writeString(folder.resolve("letter.txt"), "Dear Sir,\nthank you.\n");
        assertThatThrownBy(() -> CaptionFile.read(file, clip))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("no captions")
                .hasMessageContaining("Nothing was changed");
        assertThatThrownBy(() -> CaptionFile.read(folder.resolve("gone.srt"), clip))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("gone.srt");
        assertThat(CaptionFile.isOne(Path.of("A.SRT"))).isTrue();
        assertThat(CaptionFile.isOne(Path.of("a.mp4"))).isFalse();
    }
}
