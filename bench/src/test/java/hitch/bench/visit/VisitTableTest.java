package hitch.bench.visit;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.bench.visit.VisitTable.Score;
import hitch.media.voice.Sound;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class VisitTableTest {
    @TempDir
    Path scratch;

    /** Nobody speaks: the clip is on its run by its counter, which way it went is not known, and that is told. */
    @Test
    void aVisitWithoutAWordIsTakenInWithItsDoubts() throws Exception {
        List<String> lines = new ArrayList<>();
        AtomicLong clock = new AtomicLong();
        Score score = new VisitTable(
                        scratch,
                        text -> new Sound(new float[1], 24_000),
                        (sound, heard, from, kept, progress) -> heard,
                        false,
                        () -> clock.getAndAdd(7_000_000_000L),
                        lines::add)
                .run(1);
        assertThat(score.asked()).isEqualTo(3);
        assertThat(score.untold()).isZero();
        assertThat(score.taking()).isEqualTo(7);
        assertThat(score.playing()).isEqualTo(28);
        assertThat(lines)
                .contains("rolled")
                .anyMatch(l -> l.startsWith("  right street run: clips [only.mp4]"))
                .anyMatch(l -> l.equals("  told  street run: way, got unknown"))
                .anyMatch(l -> l.startsWith("1 of 3 right (33 %), 0 wrong without a doubt told; taken in within 25 %"));
    }
}
