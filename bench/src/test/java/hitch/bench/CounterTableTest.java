package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import hitch.media.render.VideoWriter;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.ReelPath;
import hitch.sim.trial.TrialFace;
import java.awt.Color;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Counters in faces that the reader was never taught, over a moving pipe, coded and noisy. */
class CounterTableTest {
    private static final double SECONDS = 9;

    @TempDir
    Path folder;

    private static CounterTrial trial(
            CounterLook look, VideoWriter.Coding coding, boolean upsideDown, boolean zeroing, double blur) {
        // Feet and inches take longer to tell from a number on its head.
        double seconds = look.form() == CounterLook.Form.FEET_INCHES ? 12 : SECONDS;
        return new CounterTrial(
                look,
                coding,
                6,
                blur,
                false,
                upsideDown ? 0 : Double.POSITIVE_INFINITY,
                1_200_000,
                seconds,
                10,
                new ReelPath(new Random(12), seconds, zeroing),
                5);
    }

    private CounterScan.Outcome read(CounterTrial trial) throws Exception {
        Path clip = folder.resolve("trial.mp4");
        trial.record(clip);
        return CounterScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
    }

    @Test
    void findsTheZeroingAndReadsEveryMoment() throws Exception {
        CounterLook look = new CounterLook(
                TrialFace.ROUND, 22, Color.WHITE, CounterLook.Ground.OUTLINE, true, false, CounterLook.Form.FEET);
        CounterScore score = CounterScore.of(
                trial(look, VideoWriter.Coding.H264, false, true, 0.4),
                folder.resolve("zeroed.mp4"),
                new Calibration());
        assertThat(score.right()).isGreaterThanOrEqualTo(score.visible() * 995 / 1000);
        assertThat(score.wrong()).isZero();
        assertThat(score.zeroingsMissed()).isZero();
        assertThat(score.zeroingsInvented()).isZero();
        assertThat(score.confident()).isGreaterThan(score.visible() * 8 / 10);
    }

    @Test
    void readsBlackMetresOnAPictureThatStandsOnItsHead() throws Exception {
        CounterLook look = new CounterLook(
                TrialFace.PLAIN,
                24,
                new Color(15, 15, 15),
                CounterLook.Ground.BOX,
                false,
                true,
                CounterLook.Form.METRES);
        CounterTrial trial = trial(look, VideoWriter.Coding.MPEG2, true, false, 0.3);
        CounterScan.Outcome found = read(trial);
        CounterPlace place = found.place().orElseThrow();
        assertThat(place.manner()).isEqualTo(CounterPlace.Manner.DARK_TURNED);
        assertThat(found.fit().unit().unit()).isEqualTo(CounterUnit.METRES);
        long right = found.fit().moments().stream()
                .filter(m ->
                        m.value().isPresent() && Math.abs(m.value().getAsDouble() - trial.shown(m.seconds())) < 0.031)
                .count();
        assertThat(right).isGreaterThan(found.readings().size() * 97L / 100);
    }

    @Test
    void readsFeetAndInches() throws Exception {
        CounterLook look = new CounterLook(
                TrialFace.TYPED, 21, Color.WHITE, CounterLook.Ground.OUTLINE, true, true, CounterLook.Form.FEET_INCHES);
        CounterTrial trial = trial(look, VideoWriter.Coding.MPEG4, false, false, 0.3);
        CounterScan.Outcome found = read(trial);
        assertThat(found.fit().unit().unit()).isEqualTo(CounterUnit.FEET_INCHES);
        assertThat(found.fit().moments())
                .filteredOn(m -> m.confidence() >= 0.8)
                .hasSizeGreaterThan(40)
                .allMatch(m -> Math.abs(m.value().orElseThrow() - trial.shown(m.seconds())) < 0.1);
    }

    @Test
    void aCorrectionIsOnThePathWhateverWasRead() throws Exception {
        CounterLook look = new CounterLook(
                TrialFace.BARS, 31, Color.WHITE, CounterLook.Ground.BOX, false, true, CounterLook.Form.PLAIN);
        CounterTrial trial = trial(look, VideoWriter.Coding.H264, false, false, 1.3);
        CounterReadings sheet = read(trial).sheet();
        for (CablePath.Moment moment : sheet.fit().moments()) {
            if (moment.confidence() < 0.5) {
                sheet.correct(moment.seconds(), trial.shown(moment.seconds()));
                assertThat(sheet.fit().moments())
                        .filteredOn(m -> m.seconds() == moment.seconds())
                        .singleElement()
                        .satisfies(m -> {
                            assertThat(m.value().orElseThrow()).isEqualTo(trial.shown(m.seconds()));
                            assertThat(m.confidence()).isEqualTo(1);
                        });
                break;
            }
        }
    }
}
