package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.Reading;
import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.judge.visit.Compared;
import hitch.core.measure.Distance;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.store.EarlierJob;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
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

    /** A visit that was laid beside is a side of the pair: its kept still is shown near its place, and told of where there is none. */
    @Test
    void anEarlierVisitStandsBesideThisOne() throws Exception {
        Clip clip = survey().clips().getFirst();
        marked("roots at 12.0 ft");
        var found = survey().findings().stream()
                .filter(f -> f.extent().isPresent())
                .findFirst()
                .orElseThrow();
        EarlierVisit seen = Compared.visit("earlier", survey());
        EarlierVisit visit = new EarlierVisit("earlier", "2024-06-11", "then", seen.found());
        Path still = EarlierJob.still(
                job().work().folder().folder(), "earlier", found.finding().id().value());
        Still.save(new Picture(64, 48, new int[64 * 48], 0), still);
        interact(() -> job().work().changes().decide(new Decision.Beside(visit)));
        until(() -> job().work().now().judged().beside().size() == 1);
        interact(() -> job().player().seek(clip, clip.seconds() / 4));
        until(() -> job().player().shown().isPresent());
        push(KeyCode.P);
        until(() -> lookup("#pair-sheet").tryQuery().isPresent());
        ComboBox<?> right = lookup("#pair-right").queryAs(ComboBox.class);
        interact(() -> right.getSelectionModel().selectLast());
        Slider slider = lookup("#pair-slider").queryAs(Slider.class);
        interact(() -> slider.setValue(found.extent().orElseThrow().middle().mm()));
        until(() -> told("#pair-sheet .soft").stream().anyMatch(t -> t.contains("then at 12.0 ft")));
        interact(() -> slider.setValue(slider.getMax()));
        until(() -> told("#pair-sheet .well-text").stream().anyMatch(t -> t.startsWith("No still was kept")));
        clickOn("#pair-done");
        until(() -> lookup("#pair-sheet").tryQuery().isEmpty());
    }

    private long images() {
        return lookup("#pair-sheet .image-view").queryAllAs(ImageView.class).stream()
                .filter(v -> v.getImage() != null)
                .count();
    }
}
