package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.gauge.ClipRims;
import hitch.core.gauge.JointTrail.Rim;
import hitch.core.gauge.RimLook;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RimsFileTest {
    private static final ClipRims RIMS = new ClipRims(
            92, List.of(new RimLook(40, List.of(new Rim(3.25, 0.5), new Rim(7, 1))), new RimLook(80, List.of())));

    @TempDir
    Path job;

    private final Clip clip = Sample.clip(Sample.DOWN, 60);

    @Test
    void whatWasKeptIsReadAgain() {
        ClipShelf shelf = new Footage(job).shelf();
        assertThat(shelf.rims(clip)).isEmpty();
        shelf.keepRims(clip, RIMS);
        assertThat(new Footage(job).shelf().rims(clip)).contains(RIMS);
    }

    /** It can be made again, so a damaged file is as good as none. */
    @Test
    void aDamagedFileIsNone() throws Exception {
        ClipShelf shelf = new Footage(job).shelf();
        shelf.keepRims(clip, RIMS);
        Path file = ShelfFile.of(job, ".rims");
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, java.util.Arrays.copyOf(whole, whole.length - 5));
        assertThat(shelf.rims(clip)).isEmpty();
        whole[12] = 127;
        Files.write(file, whole);
        assertThat(shelf.rims(clip)).isEmpty();
        whole[3] = 9;
        Files.write(file, whole);
        assertThat(shelf.rims(clip)).isEmpty();
    }
}
