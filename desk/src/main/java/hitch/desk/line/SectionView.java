package hitch.desk.line;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.sketch.Hot;
import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.View;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** The long section: wheel and drag go along it, a click picks what it meets. */
final class SectionView extends SketchView {
    private static final double A_NOTCH = 1.25;
    /** A hand that shakes by so many pixels does not drag. */
    private static final double SHAKE = 3;

    private final Context desk;
    private final Picks picks;
    private Extent whole;
    private View view;
    private Pointed pointed;
    private double dragged;
    private boolean moved;

    /** A place on a pipe that was clicked, with the pixels the pipe takes up and down. */
    private record Pointed(Station at, double y, double height) {}

    SectionView(Context desk, Picks picks) {
        super(desk, "Long section of the line from the building to the main");
        this.desk = desk;
        this.picks = picks;
        setId("section");
        canvas().setOnScroll(this::scroll);
        canvas().setOnMousePressed(e -> {
            dragged = e.getX();
            moved = false;
        });
        canvas().setOnMouseDragged(e -> {
            moved |= Math.abs(e.getX() - dragged) > SHAKE;
            if (moved) {
                move(dragged - e.getX());
                dragged = e.getX();
            }
        });
        canvas().setOnMouseClicked(e -> {
            if (!moved) {
                hot(e).ifPresent(h -> pick(h, e));
            }
        });
        desk.selected().addListener((o, was, is) -> {
            pointed = null;
            draw();
        });
    }

    private void scroll(ScrollEvent e) {
        if (e.isShiftDown() || Math.abs(e.getDeltaX()) > Math.abs(e.getDeltaY())) {
            move(-(e.getDeltaX() + (e.isShiftDown() ? e.getDeltaY() : 0)));
        } else {
            zoom(e.getDeltaY() > 0 ? A_NOTCH : 1 / A_NOTCH, e.getX());
        }
    }

    private void pick(Hot hot, MouseEvent e) {
        boolean twice = e.getClickCount() > 1;
        hot.finding().ifPresent(id -> {
            pointed = null;
            draw();
            picks.finding(id, twice);
        });
        hot.pipe().ifPresent(branch -> {
            Station at = view.at(e.getX());
            point(branch, at);
            picks.place(branch, at, twice);
        });
    }

    /** Marks a place on a pipe as the one that is meant, and brings it into view. */
    void point(String branch, Station at) {
        bring(Extent.at(at));
        pointed = sketch().flatMap(s -> s.hots().stream()
                        .filter(h -> h.pipe().equals(Optional.of(branch)) && view.x(at) >= h.x() - 1)
                        .reduce((a, b) -> b))
                .map(h -> new Pointed(at, h.y(), h.height()))
                .orElse(null);
        draw();
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

    @Override
    Optional<Sketch> sketched() {
        Survey survey = desk.work().now().survey();
        return SectionSketch.all(survey, getWidth()).map(all -> {
            boolean other = view == null || !all.shown().equals(whole) || view.width() != all.width();
            whole = all.shown();
            view = other ? all : view;
            return SectionSketch.draw(
                    survey, view, Optional.ofNullable(desk.selected().get()), getHeight());
        });
    }

    @Override
    void over(GraphicsContext g) {
        if (pointed != null && view.shown().covers(pointed.at())) {
            g.setFill(desk.theme().tones().copper());
            g.fillRect(view.x(pointed.at()) - 1.5, pointed.y() - 8, 3, pointed.height() + 16);
        }
    }
}
