package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.Finding;
import hitch.core.footage.Drawn;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;

/** A ring, an arrow, a line and words drawn on a finding's still with the mouse, and taken off again. */
class DrawWindowTest extends OpenWindow {
    private Finding finding() {
        return job().work().now().job().findings().getFirst();
    }

    private Point2D at(double x, double y) {
        Region layer = lookup("#draw-layer").queryAs(Region.class);
        return layer.localToScreen(layer.getWidth() * x, layer.getHeight() * y);
    }

    private void draw(Point2D... through) {
        moveTo(through[0]);
        press(MouseButton.PRIMARY);
        for (Point2D p : through) {
            moveTo(p);
        }
        release(MouseButton.PRIMARY);
        settle();
    }

    private List<Drawn.Form> forms() {
        return finding().drawn().stream().map(Drawn::form).toList();
    }

    @Test
    void aStillIsDrawnOnAndWipedAndItsFrameGoneTo() throws TimeoutException {
        push(KeyCode.H);
        until(() -> notice().startsWith("Choose the finding"));
        marked("roots top heavy");
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        until(() -> !job().player().shown().orElseThrow().ref().equals(finding().frame()));
        interact(() ->
                lookup("#findings").queryAs(ListView.class).getSelectionModel().select(0));
        push(KeyCode.H);
        until(() -> job().player().shown().orElseThrow().ref().equals(finding().frame()));
        until(() -> lookup("#draw-bar").query().isVisible());
        draw(at(0.4, 0.4), at(0.5, 0.5), at(0.55, 0.6));
        until(() -> forms().equals(List.of(Drawn.Form.RING)));
        clickOn("#draw-arrow");
        draw(at(0.3, 0.3), at(0.45, 0.45));
        clickOn("#draw-line");
        draw(at(0.5, 0.3), at(0.52, 0.4), at(0.55, 0.5));
        clickOn("#draw-words");
        draw(at(0.5, 0.7));
        until(() -> notice().startsWith("Type what is to be written"));
        clickOn("#draw-text");
        write("root in the joint");
        draw(at(0.5, 0.7));
        until(() -> forms().size() == 4);
        assertThat(forms()).containsExactly(Drawn.Form.RING, Drawn.Form.ARROW, Drawn.Form.BRUSH, Drawn.Form.WORDS);
        assertThat(finding().drawn().getLast().words()).isEqualTo("root in the joint");
        clickOn("#draw-ring");
        draw(at(0.5, 0.5));
        push(KeyCode.BACK_SPACE);
        until(() -> forms().size() == 3);
        clickOn("#draw-wipe");
        until(() -> forms().isEmpty());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> forms().size() == 3);
        push(KeyCode.ESCAPE);
        until(() -> !lookup("#draw-bar").query().isVisible());
    }
}
