package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import java.lang.ref.WeakReference;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

/** What becomes of long work, and of a job's memory, when the job is left. */
class LeavingTest extends OpenWindow {
    private final CountDownLatch go = new CountDownLatch(1);
    private Task task;

    private void begin() {
        Workspace work = job().work();
        interact(() -> task = work.longWork(
                "Counting to ten",
                Rank.ASKED,
                progress -> {
                    try {
                        go.await();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    progress.at(0.9, "nine");
                    return "ten";
                },
                work.notices()::say));
    }

    @Test
    void theStripTellsWhatIsUnderWayAndStopsIt() throws TimeoutException {
        begin();
        until(() -> lookup("#tasks").query().isVisible());
        assertThat(lookup("#tasks .label").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().equals("Counting to ten"));
        clickOn(named("Stop: Counting to ten"));
        go.countDown();
        until(() -> task.stateProperty().get() == Task.State.STOPPED);
        until(() -> !lookup("#tasks").query().isVisible());
    }

    @Test
    void leavingAsksAndEscapeStays() throws TimeoutException {
        begin();
        clickOn("Jobs");
        assertThat(lookup("#leave-sheet").tryQuery()).isPresent();
        push(KeyCode.ESCAPE);
        assertThat(lookup("#leave-sheet").tryQuery()).isEmpty();
        assertThat(window.job()).isPresent();
        clickOn("Jobs");
        clickOn("#leave-stop");
        assertThat(window.job()).isEmpty();
        go.countDown();
        until(() -> task.stateProperty().get() == Task.State.STOPPED);
    }

    @Test
    void whatIsFinishedInTheBackgroundIsFinishedAndTheJobCanBeGoneBackTo() throws TimeoutException {
        begin();
        Workspace work = job().work();
        clickOn("Jobs");
        clickOn("#leave-finish");
        assertThat(window.job()).isEmpty();
        interact(() -> window.open(folder.resolve("job")));
        until(() -> window.job().isPresent());
        assertThat(job().work()).as("the same open job, not a second one").isSameAs(work);
        assertThat(task.stateProperty().get()).isEqualTo(Task.State.RUNNING);
        go.countDown();
        until(() -> notice().equals("ten"));
    }

    @Test
    void aJobThatWasFinishedInTheBackgroundIsClosed() throws TimeoutException {
        begin();
        clickOn("Jobs");
        clickOn("#leave-finish");
        go.countDown();
        until(() -> task.stateProperty().get() == Task.State.DONE);
        settle();
        interact(() -> window.open(folder.resolve("job")));
        until(() -> window.job().isPresent());
        assertThat(job().work().now().job().clips()).hasSize(1);
    }

    /** In a window of its own: the robot remembers every event in its window, and with it where that happened. */
    @Test
    void aClosedJobIsForgotten() throws Exception {
        HitchWindow[] other = new HitchWindow[1];
        Stage[] stage = new Stage[1];
        Path small = SmallJob.create(folder.resolve("small"));
        interact(() -> {
            stage[0] = new Stage();
            other[0] = new HitchWindow(stage[0], folder.resolve("data"), Senses.of(STAND_IN));
            other[0].show(Optional.of(small));
        });
        until(() -> other[0].job().flatMap(j -> j.player().shown()).isPresent());
        List<WeakReference<?>> gone = List.of(
                new WeakReference<>(other[0].job().orElseThrow()),
                new WeakReference<>(other[0].job().orElseThrow().work()));
        for (int bench = 0; bench < 6; bench++) {
            int number = bench;
            interact(() -> other[0].job().orElseThrow().show(number));
        }
        interact(() -> ((Button) stage[0].getScene().lookup("#all-jobs")).fire());
        until(() -> other[0].job().isEmpty());
        until(() -> {
            System.gc();
            return gone.stream().allMatch(r -> r.get() == null);
        });
        interact(() -> stage[0].close());
    }
}
