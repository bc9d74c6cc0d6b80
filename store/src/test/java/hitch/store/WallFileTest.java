package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.eyes.ClipWall;
import hitch.core.eyes.MadeUpWall;
import hitch.core.footage.Clip;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WallFileTest {
    private static final ClipWall WALL = new MadeUpWall(1, 3).seen(0, 4, feet -> Math.round(feet * 1000));

    @TempDir
    Path job;

    private final Clip clip = Sample.clip(Sample.DOWN, 60);

    @Test
    void whatWasKeptIsReadAgain() {
        ClipShelf shelf = new Footage(job).shelf();
        assertThat(shelf.hasWall(clip)).isFalse();
        shelf.keepWall(clip, WALL);
        assertThat(shelf.hasWall(clip)).isTrue();
        ClipWall read = new Footage(job).shelf().wall(clip).orElseThrow();
        assertThat(read.looks()).hasSameSizeAs(WALL.looks());
        for (int i = 0; i < read.looks().size(); i++) {
            assertThat(read.looks().get(i).pts()).isEqualTo(WALL.looks().get(i).pts());
            assertThat(read.looks().get(i).band().light())
                    .isEqualTo(WALL.looks().get(i).band().light());
            assertThat(read.looks().get(i).band().hue())
                    .isEqualTo(WALL.looks().get(i).band().hue());
        }
    }

    /** It can be made again, so a damaged file is as good as none. */
    @Test
    void aDamagedFileIsNone() throws Exception {
        ClipShelf shelf = new Footage(job).shelf();
        shelf.keepWall(clip, WALL);
        Path file = ShelfFile.of(job, ".wall");
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length / 2));
        assertThat(shelf.wall(clip)).isEmpty();
        whole[whole.length / 3] ^= 0x55;
        Files.write(file, whole);
        assertThat(shelf.wall(clip)).isEmpty();
    }
}
