package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.Reading;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.ComboBox;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Out and back of one clip beside each other, locked by station. */
class PairWindowTest extends OpenWindow {
    @Test
    void aWayGoneOnceHasNothingBesideIt() throws TimeoutException {
        push(KeyCode.P);
        until(() -> notice().contains("went by here once only"));
    }

    @Test
    void bothGoTogetherAndAreSavedAsOneStill() throws Exception {
        // The camera turns round half way: 39.8 ft at the middle, and back at the opening at the end.
        Clip clip = survey().clips().getFirst();
        long middle = clip.ptsAt(clip.seconds() / 2);
        interact(() -> job().work().apply(new Edit.SetMark(clip.id(), Reading.byHand(middle, Distance.feet(39.8)))));
        interact(() -> {
            var last = job().work().now().job().marksOf(clip.id()).getLast();
            job().work().apply(new Edit.SetMark(clip.id(), Reading.byHand(last.pts(), Distance.ZERO)));
        });
        until(() -> survey().seen().isPresent()
                && job().work().now().job().marksOf(clip.id()).size() == 3);
        interact(() -> job().player().seek(clip, clip.seconds() / 4));
        until(() -> Math.abs(job().player().shown().orElseThrow().seconds() - clip.seconds() / 4) < 0.1);
        push(KeyCode.P);
        until(() -> lookup("#pair-sheet").tryQuery().isPresent());
        until(() -> images() == 2);
        ComboBox<?> left = lookup("#pair-left").queryAs(ComboBox.class);
        ComboBox<?> right = lookup("#pair-right").queryAs(ComboBox.class);
        assertThat(left.getValue()).isNotEqualTo(right.getValue());
        String before = text("#pair-place");
        List<String> were = told("#pair-sheet .soft");
        push(KeyCode.RIGHT);
        until(() -> !text("#pair-place").equals(before));
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        until(() -> !told("#pair-sheet .soft").equals(were));
        clickOn("#pair-alike");
        clickOn("#pair-save");
        until(() -> notice().startsWith("The pair is saved as"));
        try (var all = Files.list(job().work().folder().cuts())) {
            assertThat(all.map(Path::getFileName).map(Path::toString)).anyMatch(f -> f.matches("pair-.*ft\\.png"));
        }
        clickOn("#pair-done");
        until(() -> lookup("#pair-sheet").tryQuery().isEmpty());
    }

    private long images() {
        return lookup("#pair-sheet .image-view").queryAllAs(ImageView.class).stream()
                .filter(v -> v.getImage() != null)
                .count();
    }
}
