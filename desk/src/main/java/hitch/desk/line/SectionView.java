package hitch.desk.line;

import hitch.core.judge.Survey;
import hitch.core.line.Extent;
import hitch.core.line.Station;
import hitch.core.sketch.Hot;
import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.View;
import hitch.desk.Context;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The long section: wheel and drag go along it, the pointer is told what it stands on, a click picks it. */
final class SectionView extends Region {
    private static final double A_NOTCH = 1.25;

    private final Context desk;
    private final Picks picks;
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private final SketchPainter painter = new SketchPainter();
    private Extent whole;
    private View view;
    private Sketch sketch;
    private Pointed pointed;
    private double dragged;
    private boolean moved;

    /** A place on a pipe that was clicked, with the pixels the pipe takes up and down. */
    private record Pointed(Station at, double y, double height) {}

    SectionView(Context desk, Picks picks) {
        this.desk = desk;
        this.picks = picks;
        getStyleClass().add("section");
        getChildren().add(canvas);
        setId("section");
        setAccessibleText("Long section of the line from the building to the main");
        tip.setWrapText(true);
        tip.setMaxWidth(420);
        canvas.setOnMouseMoved(this::tell);
        canvas.setOnMouseExited(e -> tip.hide());
        canvas.setOnScroll(e -> {
            if (e.isShiftDown() || Math.abs(e.getDeltaX()) > Math.abs(e.getDeltaY())) {
                move(-(e.getDeltaX() + (e.isShiftDown() ? e.getDeltaY() : 0)));
            } else {
                zoom(e.getDeltaY() > 0 ? A_NOTCH : 1 / A_NOTCH, e.getX());
            }
        });
        canvas.setOnMousePressed(e -> {
            dragged = e.getX();
            moved = false;
        });
        canvas.setOnMouseDragged(e -> {
            moved |= Math.abs(e.getX() - dragged) > 3;
            if (moved) {
                move(dragged - e.getX());
                dragged = e.getX();
            }
        });
        canvas.setOnMouseClicked(this::choose);
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.selected().addListener((o, was, is) -> {
            pointed = null;
            draw();
        });
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
    }

    private void tell(MouseEvent e) {
        Optional<Hot> hot = sketch == null ? Optional.empty() : sketch.at(e.getX(), e.getY());
        if (hot.isEmpty() || hot.get().words().isBlank()) {
            tip.hide();
            return;
        }
        tip.setText(hot.get().words());
        tip.show(canvas, e.getScreenX() + 14, e.getScreenY() + 14);
    }

    private void choose(MouseEvent e) {
        if (!moved && sketch != null) {
            sketch.at(e.getX(), e.getY()).ifPresent(hot -> {
                hot.finding().ifPresent(id -> {
                    pointed = null;
                    draw();
                    picks.finding(id, e.getClickCount() > 1);
                });
                hot.pipe().ifPresent(branch -> {
                    pointed = new Pointed(view.at(e.getX()), hot.y(), hot.height());
                    draw();
                    picks.place(branch, pointed.at(), e.getClickCount() > 1);
                });
            });
        }
    }

    /** Shows less of the line about a pixel, or more of it with a factor under 1. */
    void zoom(double factor, double x) {
        if (view != null) {
            view = view.zoomed(factor, x, whole);
            draw();
        }
    }

    void zoom(double factor) {
        zoom(factor, getWidth() / 2);
    }

    void move(double pixels) {
        if (view != null) {
            view = view.moved(pixels, whole);
            draw();
        }
    }

    void showAll() {
        view = null;
        draw();
    }

    /** Brings a place into view. */
    void bring(Extent extent) {
        if (view != null && !view.shown().covers(extent.middle())) {
            move(view.x(extent.middle()) - getWidth() / 2);
        }
    }

    /** What is shown, as it stands; empty while there is nothing to show. */
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
        Survey survey = desk.work().now().survey();
        Optional<View> all = SectionSketch.all(survey, getWidth());
        if (all.isEmpty()) {
            sketch = null;
            canvas.getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
            return;
        }
        boolean other = view == null
                || !all.get().shown().equals(whole)
                || view.width() != all.get().width();
        whole = all.get().shown();
        if (other) {
            view = all.get();
        }
        sketch = SectionSketch.draw(
                survey, view, Optional.ofNullable(desk.selected().get()), getHeight());
        painter.paint(canvas.getGraphicsContext2D(), sketch, desk.theme().tones());
        if (pointed != null && view.shown().covers(pointed.at())) {
            canvas.getGraphicsContext2D().setFill(desk.theme().tones().copper());
            canvas.getGraphicsContext2D()
                    .fillRect(view.x(pointed.at()) - 1.5, pointed.y() - 8, 3, pointed.height() + 16);
        }
    }
}
