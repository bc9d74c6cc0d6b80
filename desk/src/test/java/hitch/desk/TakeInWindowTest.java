package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.heard.HeardWord;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.pipe.Opening;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.desk.record.SimulatedMicrophone;
import hitch.media.Progress;
import hitch.media.ears.Listener;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.sim.DemoJob;
import hitch.store.JobFolder;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeoutException;
import java.util.function.BiConsumer;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A folder is dropped on an empty job: its counter is read and it is listened to by itself, and a run is proposed. */
class TakeInWindowTest extends OpenWindow {
    private static final String SAID = "Going in the two-way cleanout in the front yard, toward the street.";

    private final CountDownLatch listening = new CountDownLatch(1);
    private volatile boolean held = true;

    @Override
    protected Path create(Path job) throws Exception {
        JobFolder.create(job).close();
        Path dropped = Files.createDirectories(folder.resolve("dropped"));
        try (InputStream in = DemoJob.class.getResourceAsStream("/hitch/demo/B1-street-out.mp4")) {
            Files.copy(in, dropped.resolve("street.mp4"));
        }
        return job;
    }

    @Override
    protected Senses senses() {
        return new Senses(
                STAND_IN,
                () -> {
                    throw new IllegalStateException("nobody speaks a note");
                },
                () -> new SimulatedMicrophone(new Sound(new float[1], Narrator.RATE), System::nanoTime),
                this::listen);
    }

    /** Waits until it is stopped, the first time. */
    private List<HeardWord> listen(
            Listener.Source sound,
            List<HeardWord> heard,
            double from,
            BiConsumer<Double, List<HeardWord>> kept,
            Progress progress) {
        listening.countDown();
        while (held) {
            // Throws once it is called off.
            progress.at(0.5, "listening");
            Thread.onSpinWait();
        }
        List<HeardWord> words = new ArrayList<>();
        double at = 0;
        for (String word : SAID.split(" ")) {
            words.add(new HeardWord(word, at, at + 0.2, -0.1));
            at += 0.25;
        }
        return words;
    }

    @Override
    @BeforeEach
    void waitForTheFirstFrame() throws TimeoutException {
        until(() -> window.job().isPresent() && lookup("#clips-pane").tryQuery().isPresent());
    }

    private Job now() {
        return job().work().now().job();
    }

    private boolean proposes() {
        return lookup("#proposals").query().isVisible();
    }

    @Test
    void whatIsDroppedIsReadByItselfStoppedGoesOnAndARunIsTakenChangedAndTakenBack() throws Exception {
        interact(() -> Dropped.on(lookup("#clips-pane").query(), folder.resolve("dropped")));
        until(() -> listening.getCount() == 0);
        until(() -> !now().counterOf(now().clips().getFirst().id()).marks().isEmpty());
        assertThat(told(".label")).anyMatch(t -> t.startsWith("Reading street.mp4"));
        clickOn(named("Stop: Reading street.mp4"));
        until(() -> notice().startsWith("Reading is stopped"));
        until(this::proposes);
        assertThat(told("#proposals .label")).anyMatch(t -> t.contains("Nobody said which way it went"));
        held = false;
        push(KeyCode.ALT, KeyCode.R);
        until(() -> told("#proposals .label").stream().anyMatch(t -> t.startsWith("Toward the main: \"Going in")));
        // Second eyes come last.
        until(() -> !job().work().walls().walls().isEmpty());
        push(KeyCode.ALT, KeyCode.T);
        until(() -> now().runs().size() == 1 && !proposes());
        Run run = now().runs().getFirst();
        assertThat(run.name()).isEqualTo("street run");
        assertThat(run.direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(run.opening().words()).isEqualTo("two-way cleanout");
        // Changed in place, as any run is.
        clickOn("#change-street-run");
        until(() -> lookup("Opening used").tryQuery().isPresent());
        TextField used = lookup(n -> n instanceof TextField f && f.getText().equals("two-way cleanout"))
                .query();
        interact(() -> {
            used.requestFocus();
            used.setText("riser by the porch");
        });
        push(KeyCode.ENTER);
        until(() -> now().runs().getFirst().opening().words().equals("riser by the porch"));
        interact(() -> job().work().undo());
        interact(() -> job().work().undo());
        until(() -> now().runs().isEmpty() && proposes());
        clickOn("#leave-street-run");
        until(() -> !proposes());
        assertThat(now().runs()).isEmpty();
    }

    @Test
    void whatIsMissingIsToldOnEveryBench() throws Exception {
        push(KeyCode.CONTROL, KeyCode.M);
        until(() -> lookup("#missing-sheet").tryQuery().isPresent());
        assertThat(told("#missing-sheet .label")).contains("Nothing is missing.");
        push(KeyCode.ESCAPE);
        until(() -> lookup("#missing-sheet").tryQuery().isEmpty());
        interact(() -> job().work()
                .apply(new Edit.PutRun(
                        Sample.run("street run", Direction.WITH_FLOW).from(Opening.UNKNOWN))));
        push(KeyCode.CONTROL, KeyCode.M);
        until(() -> told("#missing-sheet .label").stream().anyMatch(t -> t.startsWith("Say where the camera went in")));
        clickOn("#missing-sheet #copy-missing");
        until(() -> notice().startsWith("What is missing can be pasted"));
        String copied = WaitForAsyncUtils.waitForAsyncFx(
                60_000, () -> Clipboard.getSystemClipboard().getString());
        assertThat(copied).contains("Say where the camera went in for the street run");
        push(KeyCode.ESCAPE);
    }
}
