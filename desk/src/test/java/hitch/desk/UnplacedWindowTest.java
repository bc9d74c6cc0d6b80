package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.IntakeSigns;
import hitch.store.JobFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.ComboBox;
import org.junit.jupiter.api.Test;

/** A clip without a counter, dark as a pipe: nobody can tell which run it is of, and so it is pointed at until somebody does. */
class UnplacedWindowTest extends OpenWindow {
    private ClipId dark;

    @Override
    protected Path create(Path job) throws Exception {
        SmallJob.create(job);
        try (JobFolder open = JobFolder.open(job)) {
            Footage footage = new Footage(job);
            Path file = job.resolve("dark.mp4");
            Files.copy(job.resolve("down.mp4"), file);
            // Another clip, not the same one once more.
            Files.write(file, new byte[] {0}, java.nio.file.StandardOpenOption.APPEND);
            Clip clip = footage.takeIn(file, open.job(), Progress.NONE);
            footage.shelf().keepSigns(clip, new IntakeSigns(false, 0));
            open.apply(new Edit.PutClip(clip));
            dark = clip.id();
        }
        return job;
    }

    private Job now() {
        return job().work().now().job();
    }

    private boolean isPointedAt() {
        return lookup("#leave-out-" + dark).tryQuery().isPresent();
    }

    @Test
    void itIsPointedAtUntilItIsPlacedOrLeftOut() throws TimeoutException {
        clickOn("#bench-load");
        until(this::isPointedAt);
        assertThat(told("#proposals .label"))
                .contains("One clip is on no run")
                .anyMatch(t -> t.startsWith("dark.mp4 shows no counter, and nothing on it tells"));
        assertThat(((ComboBox<?>) named("Where dark.mp4 belongs")).getValue()).isEqualTo("on no run");
        assertThat(told(".label")).contains("1 to place");
        clickOn("#show-" + dark);
        until(() -> job().player().shown().orElseThrow().ref().clip().equals(dark));
        clickOn("#bench-load");
        clickOn("#leave-out-" + dark);
        until(() -> now().aside().contains(dark) && !isPointedAt());
        interact(() -> job().work().undo());
        until(this::isPointedAt);
        choose("Where dark.mp4 belongs", "street run");
        until(() -> now().runOf(dark).isPresent() && !isPointedAt());
    }
}
