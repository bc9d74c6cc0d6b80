package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.sim.DemoJob;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MotionTableTest {
    @TempDir
    Path folder;

    @Test
    void motionJoinsTwoKnownPlacesFarBetterThanAStraightLine() throws Exception {
        Path clip = folder.resolve("A1-building.mp4");
        try (InputStream in = DemoJob.class.getResourceAsStream("/hitch/demo/A1-building.mp4")) {
            Files.copy(in, clip);
        }
        MotionTable.Score score = MotionTable.score(clip);
        assertThat(score.median()).isLessThan(0.015);
        assertThat(score.median()).isLessThan(score.straight() / 3);
    }
}
