package hitch.desk.line;

import hitch.core.sketch.Hot;
import hitch.core.sketch.PlanSketch;
import hitch.core.sketch.Sketch;
import hitch.desk.Context;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;

/** The line from above, as far as its bends are known. */
final class PlanView extends Region {
    private final Context desk;
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private final SketchPainter painter = new SketchPainter();
    private Sketch sketch;

    PlanView(Context desk, Picks picks) {
        this.desk = desk;
        getStyleClass().add("section");
        getChildren().add(canvas);
        setAccessibleText("Plan of the line, as far as its bends are known");
        canvas.setOnMouseMoved(e -> {
            Optional<Hot> hot = sketch == null ? Optional.empty() : sketch.at(e.getX(), e.getY());
            hot.ifPresentOrElse(
                    h -> {
                        tip.setText(h.words());
                        tip.show(canvas, e.getScreenX() + 14, e.getScreenY() + 14);
                    },
                    tip::hide);
        });
        canvas.setOnMouseExited(e -> tip.hide());
        canvas.setOnMouseClicked(e -> {
            if (sketch != null) {
                sketch.at(e.getX(), e.getY())
                        .flatMap(Hot::finding)
                        .ifPresent(id -> picks.finding(id, e.getClickCount() > 1));
            }
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
    }

    Optional<Sketch> sketch() {
        return Optional.ofNullable(sketch);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void draw() {
        sketch = getWidth() < 200
                ? null
                : PlanSketch.draw(desk.work().now().survey(), getWidth(), getHeight())
                        .orElse(null);
        if (sketch == null) {
            canvas.getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
        } else {
            painter.paint(canvas.getGraphicsContext2D(), sketch, desk.theme().tones());
        }
    }
}
