package hitch.sim;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFit;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The demo's counter is read off its pictures and held against what the simulated reel showed. */
class CounterAgainstTruthTest {
    private static final Pattern MOMENT =
            Pattern.compile("\"t\"\\s*:\\s*([\\d.]+)[^}]*?\"readingFt\"\\s*:\\s*([-\\d.]+)");

    @TempDir
    Path folder;

    private Path copy(String name) throws Exception {
        Path file = folder.resolve(name);
        try (InputStream in = DemoJob.class.getResourceAsStream("demo/" + name)) {
            Files.copy(in == null ? DemoJob.class.getResourceAsStream("/hitch/demo/" + name) : in, file);
        }
        return file;
    }

    @Test
    void isWithinATenthOfAFootEverywhere() throws Exception {
        Map<Long, Double> truth = new HashMap<>();
        Matcher moment = MOMENT.matcher(Files.readString(copy("B1-street-out.truth.json")));
        while (moment.find()) {
            truth.put(Math.round(Double.parseDouble(moment.group(1)) * 5), Double.parseDouble(moment.group(2)));
        }
        Path clip = copy("B1-street-out.mp4");
        CounterScan.Outcome found =
                CounterScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
        CounterFit path = found.fit();
        assertThat(found.place()).isPresent();
        assertThat(path.path().zeroings()).isEmpty();
        assertThat(path.moments()).hasSizeGreaterThan(340);
        long off = path.moments().stream()
                .filter(m -> {
                    Double shown = truth.get(Math.round(m.seconds() * 5));
                    return shown != null
                            && (m.value().isEmpty() || Math.abs(m.value().getAsDouble() - shown) > 0.1001);
                })
                .count();
        assertThat(off).isLessThanOrEqualTo(path.moments().size() * 5L / 1000);
    }

    @Test
    void aClipAboveGroundHasNoCounter() throws Exception {
        Path clip = copy("C1-marks.mp4");
        CounterScan.Outcome found =
                CounterScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
        assertThat(found.place()).isEmpty();
        assertThat(found.readings()).isNotEmpty().allMatch(r -> r.value().isEmpty());
    }
}
