package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.desk.load.DropTarget;
import hitch.media.TelephonePhoto;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Photographs dropped on Load, and what they show. */
class PhotosWindowTest extends OpenWindow {
    private static final ClipId STAKE = new ClipId("stake");
    private static final ClipId PAINT = new ClipId("paint");

    @TempDir
    Path photos;

    private void dropped(ClipId photo) throws TimeoutException {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        Path file = TelephonePhoto.write(photos.resolve(photo + ".jpg"), 6);
        interact(() -> ((DropTarget) lookup("#clips-pane").query()).add(List.of(file.toFile())));
        until(() -> lookup("#photo-" + photo).tryQuery().isPresent());
        // What is still found out about it builds its row anew.
        until(() -> job().work().tasks().open().isEmpty());
    }

    private Optional<PhotoPlace> shown(ClipId photo) {
        return Optional.ofNullable(job().work().now().job().photos().get(photo));
    }

    @SuppressWarnings("unchecked")
    private void shows(ClipId photo, String words) {
        interact(() -> {
            ComboBox<Object> box = (ComboBox<Object>) named("What " + photo + ".jpg shows");
            box.setValue(box.getItems().stream()
                    .filter(i -> box.getConverter().toString(i).startsWith(words))
                    .findFirst()
                    .orElseThrow());
        });
    }

    @Test
    void oneIsTakenInUprightAndPlacedAtAStationThatIsTyped() throws TimeoutException {
        dropped(STAKE);
        Clip clip = job().work().now().job().clip(STAKE).orElseThrow();
        assertThat(clip.photo()).isTrue();
        assertThat(clip.width()).isEqualTo(TelephonePhoto.WIDTH);
        assertThat(notice()).contains("a photograph");
        shows(STAKE, "a place of the line");
        until(() -> shown(STAKE).isPresent());
        keep((TextField) named("Station of stake.jpg"), "12.5 building");
        until(() -> shown(STAKE)
                .equals(Optional.of(new PhotoPlace.AtStation(
                        new Station(Distance.feet(-12.5).mm())))));
        keep((TextField) named("Station of stake.jpg"), "by the gate");
        until(() -> notice().contains("no distance along the line"));
        assertThat(((TextField) named("Station of stake.jpg")).getText()).isEqualTo("12.5 building");
        interact(() -> job().work().undo());
        interact(() -> job().work().undo());
        until(() -> shown(STAKE).isEmpty());
    }

    @Test
    void oneIsPlacedAtAFindingAndTakenOut() throws TimeoutException {
        marked("locate 5 ft 2 in, orange paint");
        dropped(PAINT);
        shows(PAINT, "F1");
        until(() -> shown(PAINT).isPresent());
        assertThat(survey().photos().of(PAINT).orElseThrow().finding()).isPresent();
        interact(() -> ((Button) named("Take paint.jpg out of the job; the file stays")).fire());
        until(() -> lookup("#photo-paint").tryQuery().isEmpty());
        assertThat(photos.resolve("paint.jpg")).exists();
        interact(() -> job().work().undo());
        until(() -> lookup("#photo-paint").tryQuery().isPresent());
    }
}
