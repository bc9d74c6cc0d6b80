package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.HiddenArea;
import hitch.core.footage.Hiding;
import hitch.core.footage.MutedSound;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Hiding parts of pictures and muting sound, by mouse and keys. */
class HideWindowTest extends OpenWindow {
    private Hiding hiding() {
        return job().work().now().job().hiding();
    }

    private HiddenArea area() {
        return hiding().areas().getFirst();
    }

    private void open() throws TimeoutException {
        until(() -> job().player().shown().isPresent());
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.H);
        until(() -> lookup("#hide-picture").tryQuery().isPresent());
    }

    /** A place on the well, by shares of it. */
    private Point2D at(double x, double y) {
        Node picture = lookup("#hide-picture").query();
        Bounds bounds = picture.localToScreen(picture.getBoundsInLocal());
        return new Point2D(bounds.getMinX() + x * bounds.getWidth(), bounds.getMinY() + y * bounds.getHeight());
    }

    private void dragged(double fromX, double fromY, double toX, double toY) {
        drag(at(fromX, fromY), MouseButton.PRIMARY).dropTo(at(toX, toY));
    }

    private void drawn() throws TimeoutException {
        open();
        untilTried(
                () -> {
                    if (hiding().areas().isEmpty()) {
                        dragged(0.4, 0.4, 0.5, 0.55);
                    }
                },
                () -> !hiding().areas().isEmpty());
        until(() -> lookup("#hide-1").tryQuery().isPresent());
    }

    @Test
    void aBoxIsDrawnMovedByKeysAndTakenBack() throws TimeoutException {
        drawn();
        HiddenArea first = area();
        assertThat(first.moves()).isFalse();
        assertThat(first.fromPts()).isEqualTo(survey().clips().getFirst().firstPts());
        push(KeyCode.RIGHT);
        until(() -> area().first().left() > first.first().left());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> area().equals(first));
        interact(() -> lookup("#hide-picture").query().requestFocus());
        push(KeyCode.DELETE);
        until(() -> hiding().areas().isEmpty());
        push(KeyCode.ESCAPE);
        until(() -> lookup("#hide-sheet").tryQuery().isEmpty());
    }

    @Test
    void itGoesFromOnePlaceToAnotherBetweenTwoMoments() throws TimeoutException {
        drawn();
        interact(() -> lookup("#hide-time").queryAs(Slider.class).setValue(0.2));
        clickOn("#begins-here");
        until(() -> area().fromPts() > survey().clips().getFirst().firstPts());
        clickOn("It moves");
        until(() -> area().moves());
        HiddenArea before = area();
        clickOn("To its end");
        interact(() -> lookup("#hide-picture").query().requestFocus());
        untilTried(
                () -> push(KeyCode.DOWN),
                () -> area().last().top() > before.last().top());
        assertThat(area().first()).isEqualTo(before.first());
    }

    @Test
    void itIsSaidWhatItIsAndAtWhoseRequest() throws TimeoutException {
        drawn();
        ComboBox<String> what = lookup("#hide-1 .combo-box").nth(0).queryComboBox();
        interact(() -> what.setValue("a license plate"));
        until(() -> area().what().equals("a license plate"));
        ComboBox<String> who = lookup("#hide-1 .combo-box").nth(1).queryComboBox();
        interact(() -> who.setValue("the owner"));
        until(() -> area().askedBy().equals("the owner"));
    }

    @Test
    void soundIsMutedForAStretchAndATimeThatIsNoneIsTold() throws TimeoutException {
        open();
        clickOn("#mute-from-here");
        until(() -> !hiding().sounds().isEmpty());
        until(() -> lookup("#hide-1").tryQuery().isPresent());
        MutedSound muted = hiding().sounds().getFirst();
        TextField to = lookup("#hide-1 .text-field").nth(3).queryAs(TextField.class);
        interact(() -> {
            to.requestFocus();
            to.setText("soon");
            to.getOnAction().handle(null);
        });
        until(() -> notice().contains("no moment of the clip"));
        assertThat(hiding().sounds().getFirst()).isEqualTo(muted);
        interact(() -> {
            to.setText("0:00.5");
            to.getOnAction().handle(null);
        });
        long half = survey().clips().getFirst().ptsAt(0.5);
        until(() -> hiding().sounds().getFirst().toPts() == half);
        assertThat(hiding().sounds().getFirst().fromPts()).isEqualTo(muted.fromPts());
    }
}
