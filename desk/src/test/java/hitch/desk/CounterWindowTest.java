package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.counter.Counted;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.run.Direction;
import hitch.core.survey.CounterWalk;
import hitch.core.survey.Rhythm;
import hitch.media.Progress;
import hitch.media.render.VideoWriter;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.ReelPath;
import hitch.sim.trial.TrialFace;
import hitch.store.Footage;
import hitch.store.JobFolder;
import java.awt.Color;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;

/** The counter under the hand: read by a key, its doubts walked, a box drawn round it, and a clip without one. */
class CounterWindowTest extends OpenWindow {
    private static final double SECONDS = 11;
    private static final CounterTrial TRIAL = new CounterTrial(
            new CounterLook(
                    TrialFace.BARS, 31, Color.WHITE, CounterLook.Ground.BOX, false, true, CounterLook.Form.PLAIN),
            VideoWriter.Coding.MPEG2,
            5,
            1.2,
            false,
            Double.POSITIVE_INFINITY,
            900_000,
            SECONDS,
            10,
            new ReelPath(new Random(12), SECONDS, true),
            5);

    private static Path recorded;

    @Override
    protected Path create(Path folder) throws Exception {
        if (recorded == null) {
            recorded = Files.createTempFile("hitch-counter", ".mp4");
            recorded.toFile().deleteOnExit();
            TRIAL.record(recorded);
        }
        try (JobFolder job = JobFolder.create(folder)) {
            Path file = folder.resolve("down.mp4");
            Files.copy(recorded, file);
            Clip clip = new Footage(folder).takeIn(file, job.job(), Progress.NONE);
            job.apply(new Edit.PutClip(clip));
            job.apply(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, clip.id())));
        }
        return folder;
    }

    private Clip clip() {
        return job().player().shown().orElseThrow().clip();
    }

    private CounterTrace trace() {
        return survey().traces().get(clip().id());
    }

    private double shownAt(double seconds) {
        return trace().shownAt(clip().ptsAt(seconds)).orElseThrow() / 304.8;
    }

    private void readIt() throws TimeoutException {
        type(KeyCode.K);
        until(() -> trace() != null);
    }

    @Test
    void aUnitThatIsAQuestionIsAnsweredWithOneClick() throws TimeoutException {
        var ten = new Reading(clip().ptsAt(8), Distance.feet(10), MarkSource.READ_OFF);
        interact(() -> job().work()
                .apply(new Edit.ReadCounter(
                        clip().id(),
                        List.of(ten),
                        List.of(),
                        Optional.empty(),
                        Optional.of(new Counted(LengthUnit.FEET, false, true)))));
        until(() -> text("#counter-question").contains("feet or metres"));
        assertThat(trace().confidenceAt(ten.pts())).isLessThan(0.8);
        assertThat(lookup("#next-doubt").query().isVisible()).isFalse();
        clickOn("#counts-metres");
        until(() -> text("#counter-question").isEmpty());
        assertThat(shownAt(8) * 304.8).isEqualTo(10_000, within(2.0));
        assertThat(trace().confidenceAt(ten.pts())).isGreaterThan(0.8);
        assertThat(lookup("#counts-metres").query().isVisible()).isFalse();
        clickOn("#undo");
        until(() -> text("#counter-question").contains("feet or metres"));
    }

    /** Whether the frame on the screen is one that is asked about. */
    private boolean isAtAStop() {
        long shown = job().player().shown().orElseThrow().picture().pts();
        return CounterWalk.of(clip(), job().work().now().job().marksOf(clip().id()), survey(), Rhythm.NONE).stream()
                .anyMatch(s -> Math.abs(clip().secondsInto(s.pts()) - clip().secondsInto(shown)) < 0.2);
    }

    @Test
    void readsByKeyAndWalksWhatIsDoubtful() throws TimeoutException {
        readIt();
        if (lookup("#counts-feet").query().isVisible()) {
            clickOn("#counts-feet");
            until(() -> !lookup("#counts-feet").query().isVisible());
        }
        assertThat(trace().isRead()).isTrue();
        int settled = 0;
        while (lookup("#next-doubt").query().isVisible() && settled < 12) {
            if (!text("#counter-question").isEmpty()) {
                // The walk goes on by itself.
            } else {
                type(KeyCode.J);
                until(() -> !text("#counter-question").isEmpty());
            }
            until(this::isAtAStop);
            String question = text("#counter-question");
            double at = job().player().shown().orElseThrow().seconds();
            TextField field = lookup("#reading").queryAs(TextField.class);
            if (question.contains("zeroed")) {
                type(KeyCode.ENTER);
            } else {
                interact(() -> field.setText(String.format(java.util.Locale.ROOT, "%.1f", TRIAL.shown(at))));
                type(KeyCode.ENTER);
                until(() -> Math.abs(shownAt(at) - TRIAL.shown(at)) < 0.06);
            }
            settled++;
            until(() -> !text("#counter-question").equals(question));
        }
        assertThat(settled).isPositive();
        assertThat(trace().unsettled()).isEmpty();
        assertThat(job().work().now().job().counterOf(clip().id()).marks())
                .filteredOn(m -> m instanceof Zeroing)
                .allMatch(m -> m.by() == MarkSource.BY_HAND);
        for (double at = 0.5; at < SECONDS - 0.5; at += 0.5) {
            if (Math.abs(at - TRIAL.path().zeroings().getFirst()) > 1) {
                assertThat(shownAt(at)).isEqualTo(TRIAL.shown(at), within(0.5));
            }
        }
    }

    @Test
    void aBoxDrawnRoundTheCounterIsReadAndABoxElsewhereIsNot() throws TimeoutException {
        Region well = lookup("#well").queryAs(Region.class);
        double scale = Math.min(well.getWidth() / CounterTrial.WIDTH, well.getHeight() / CounterTrial.HEIGHT);
        double left = (well.getWidth() - CounterTrial.WIDTH * scale) / 2;
        type(KeyCode.G);
        until(() -> text("#counter-question").contains("box"));
        interact(() -> job().player().step(1));
        until(() -> job().player().shown().orElseThrow().seconds() > 0);
        assertThat(text("#counter-question"))
                .as("asked still, on another frame")
                .contains("box");
        moveTo(well.localToScreen(left + 250 * scale, 150 * scale)).press(MouseButton.PRIMARY);
        moveTo(well.localToScreen(left + 420 * scale, 260 * scale)).release(MouseButton.PRIMARY);
        until(() -> notice().contains("No counter was found in that box"));
        assertThat(trace()).isNull();
        type(KeyCode.G);
        moveTo(well.localToScreen(left + 2 * scale, 4 * scale)).press(MouseButton.PRIMARY);
        moveTo(well.localToScreen(left + 170 * scale, 70 * scale)).release(MouseButton.PRIMARY);
        until(() -> trace() != null);
        assertThat(shownAt(1)).isEqualTo(TRIAL.shown(1), within(0.2));
    }

    @Test
    void withoutACounterTwoKnownReadingsAreJoinedByTheCamerasMotion() throws TimeoutException {
        type(KeyCode.G);
        Region well = lookup("#well").queryAs(Region.class);
        moveTo(well.localToScreen(well.getWidth() / 2 - 40, well.getHeight() / 2 - 40))
                .press(MouseButton.PRIMARY);
        moveTo(well.localToScreen(well.getWidth() / 2 + 40, well.getHeight() / 2 + 30))
                .release(MouseButton.PRIMARY);
        until(() -> notice().contains("own motion was followed"));
        for (double at : new double[] {0, SECONDS - 0.2}) {
            interact(() -> job().player().seek(clip(), at));
            until(() -> Math.abs(job().player().shown().orElseThrow().seconds() - at) < 0.11);
            int before = job().work().now().job().marksOf(clip().id()).size();
            TextField field = lookup("#reading").queryAs(TextField.class);
            type(KeyCode.C);
            interact(() -> field.setText(
                    String.format(java.util.Locale.ROOT, "%.1f", TRIAL.path().cable(at))));
            type(KeyCode.ENTER);
            until(() -> job().work().now().job().marksOf(clip().id()).size() > before);
        }
        List<Double> off = new java.util.ArrayList<>();
        for (double at = 0.5; at < SECONDS - 0.5; at += 0.25) {
            off.add(Math.abs(trace().cableAt(clip().ptsAt(at)).orElseThrow() / 304.8
                    - TRIAL.path().cable(at)));
        }
        off.sort(Double::compare);
        double run = TRIAL.path().cable(SECONDS - 0.2) - TRIAL.path().cable(0);
        assertThat(off.get(off.size() / 2)).isLessThan(0.03 * run);
        assertThat(trace().confidenceAt(clip().ptsAt(SECONDS / 2))).isLessThan(0.8);
    }
}
