package hitch.desk.line;

import hitch.core.sketch.Hot;
import hitch.core.sketch.Sketch;
import hitch.desk.Context;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** A drawing of the line: drawn anew when the job or the theme changes; the pointer is told what it stands on. */
abstract class SketchView extends Region {
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private final SketchPainter painter = new SketchPainter();
    private final Context desk;
    private Sketch sketch;

    SketchView(Context desk, String accessible) {
        this.desk = desk;
        getStyleClass().add("section");
        getChildren().add(canvas);
        setAccessibleText(accessible);
        tip.setWrapText(true);
        tip.setMaxWidth(420);
        canvas.setOnMouseMoved(this::tell);
        canvas.setOnMouseExited(e -> tip.hide());
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
    }

    /** The drawing for the present size; empty while there is nothing to draw. */
    abstract Optional<Sketch> sketched();

    /** What is drawn over the drawing. */
    void over(GraphicsContext g) {}

    final Canvas canvas() {
        return canvas;
    }

    /** What is shown, as it stands; empty while there is nothing to show. */
    final Optional<Sketch> sketch() {
        return Optional.ofNullable(sketch);
    }

    /** What the pointer stands on. */
    final Optional<Hot> hot(MouseEvent e) {
        return sketch().flatMap(s -> s.at(e.getX(), e.getY()));
    }

    private void tell(MouseEvent e) {
        Optional<Hot> hot = hot(e).filter(h -> !h.words().isBlank());
        if (hot.isEmpty()) {
            tip.hide();
            return;
        }
        tip.setText(hot.get().words());
        tip.show(canvas, e.getScreenX() + 14, e.getScreenY() + 14);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    final void draw() {
        sketch = sketched().orElse(null);
        GraphicsContext g = canvas.getGraphicsContext2D();
        if (sketch == null) {
            g.clearRect(0, 0, getWidth(), getHeight());
        } else {
            painter.paint(g, sketch, desk.theme().tones());
            over(g);
        }
    }
}
