package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.run.Direction;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.IntakeSigns;
import hitch.store.JobFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
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

    /** What the box of its row says; a box may keep one value and show another. */
    private String shownPlace() {
        return lookup("#clip-" + dark + " .combo-box .list-cell").queryAllAs(Labeled.class).stream()
                .map(Labeled::getText)
                .filter(Objects::nonNull)
                .collect(Collectors.joining("; "));
    }

    private MenuButton putOn() {
        return lookup("#put-on-" + dark).queryAs(MenuButton.class);
    }

    @Test
    void itIsPointedAtUntilItIsPlacedOrLeftOut() throws TimeoutException {
        clickOn("#bench-load");
        until(this::isPointedAt);
        assertThat(told("#proposals .label"))
                .contains("One clip is on no run")
                .anyMatch(t -> t.startsWith("dark.mp4 shows no counter, and nothing on it tells"));
        assertThat(shownPlace()).isEqualTo("on no run");
        assertThat(told(".label")).contains("1 to place");
        clickOn("#show-" + dark);
        until(() -> job().player().shown().orElseThrow().ref().clip().equals(dark));
        clickOn("#bench-load");
        clickOn("#leave-out-" + dark);
        until(() -> now().aside().contains(dark) && !isPointedAt());
        interact(() -> job().work().undo());
        until(this::isPointedAt);
        // A run that comes before it in the list does not take its place.
        interact(() -> job().work().apply(new Edit.PutRun(Sample.run("attic run", Direction.AGAINST_FLOW))));
        until(() -> putOn().getItems().size() == 2);
        assertThat(shownPlace()).isEqualTo("on no run");
        interact(() -> putOn().getItems().getFirst().fire());
        until(() -> now().runOf(dark).isPresent() && !isPointedAt());
        assertThat(shownPlace()).isEqualTo("street run");
    }
}
