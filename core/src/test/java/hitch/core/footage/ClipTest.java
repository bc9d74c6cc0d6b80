package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import org.junit.jupiter.api.Test;

class ClipTest {
    @Test
    void keepsTimesInsideTheClip() {
        Clip clip = Sample.clip(Sample.UP, 60);
        assertThat(clip.ptsAt(-3)).isZero();
        assertThat(clip.ptsAt(12.345)).isEqualTo(12345);
        assertThat(clip.ptsAt(1e9)).isEqualTo(59999);
        assertThat(clip.secondsInto(1500)).isEqualTo(1.5);
    }

    @Test
    void namesTheFileWithoutFolders() {
        Clip clip =
                new Clip(Sample.UP, "C:\\jobs\\clips/one.mp4", "0".repeat(64), 1, Sample.MS, 0, 10, 1, 2, 2, false, "");
        assertThat(clip.fileName()).isEqualTo("one.mp4");
    }

    @Test
    void refusesAnEmptyClipAndABadFingerprint() {
        assertThatThrownBy(() -> new Clip(Sample.UP, "a.mp4", "0".repeat(64), 1, Sample.MS, 5, 5, 1, 2, 2, false, ""))
                .hasMessageContaining("a.mp4");
        assertThatThrownBy(() -> new Clip(Sample.UP, "a.mp4", "abc", 1, Sample.MS, 0, 5, 1, 2, 2, false, ""))
                .hasMessageContaining("SHA-256");
        assertThatThrownBy(() -> new TimeBase(1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new ClipId(" ")).isInstanceOf(IllegalArgumentException.class);
    }
}
