package hitch.desk.measure;

import hitch.core.finding.PictureSize;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.Measuring;
import hitch.core.gauge.Sized;
import hitch.desk.Context;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Lies over the footage: draws what is measured, and takes the hand's clicks and strokes. */
public final class MeasureLayer extends FootageLayer {
    /** A brush is so wide as this share of the picture's height. */
    private static final double BRUSH = 0.045;

    private static final double CLICK = 4;

    private final HeldFrame held;
    private final List<double[]> stroke = new ArrayList<>();
    private OptionalInt dragged = OptionalInt.empty();
    private double[] pressed;
    private double[] last;

    public MeasureLayer(Context desk, HeldFrame held) {
        super(desk, held.onProperty());
        this.held = held;
        setId("measure-layer");
        setAccessibleText("Where the footage is measured");
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnMouseMoved(this::hover);
        held.changesProperty().addListener((o, was, is) -> draw());
    }

    private Optional<PictureMap> map() {
        return held.hand()
                .map(h -> h.proposed().found().lens())
                .flatMap(l -> desk().player()
                        .shown()
                        .filter(f -> picture().getWidth() > 0)
                        .map(f -> new PictureMap(l.width(), l.height(), picture(), f.adjustment())));
    }

    private void press(MouseEvent e) {
        if (held.hand().isEmpty() || map().isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        requestFocus();
        Measuring hand = held.hand().get();
        double[] at = map().get().pixel(e.getX(), e.getY());
        pressed = new double[] {e.getX(), e.getY()};
        last = at;
        stroke.clear();
        stroke.add(at);
        dragged = hand.tool().isDrawn() ? OptionalInt.empty() : hand.ringAt(at[0], at[1]);
        e.consume();
    }

    private void drag(MouseEvent e) {
        if (pressed == null || held.hand().isEmpty() || map().isEmpty()) {
            return;
        }
        Measuring hand = held.hand().get();
        double[] at = map().get().pixel(e.getX(), e.getY());
        boolean begins = stroke.size() == 1;
        if (begins && Math.hypot(e.getX() - pressed[0], e.getY() - pressed[1]) < CLICK) {
            return;
        }
        stroke.add(at);
        if (dragged.isPresent()) {
            if (begins) {
                hand.grab();
            }
            hand.drag(dragged.getAsInt(), last, at, e.isShiftDown());
            held.changed();
        } else {
            draw();
        }
        last = at;
        e.consume();
    }

    private void release(MouseEvent e) {
        if (pressed == null || held.hand().isEmpty()) {
            return;
        }
        Measuring hand = held.hand().get();
        if (hand.tool().isDrawn()) {
            hand.stroke(List.copyOf(stroke), brush(hand));
        } else if (stroke.size() == 1) {
            double[] at = stroke.getFirst();
            hand.click(at[0], at[1], e.isAltDown());
        }
        pressed = null;
        dragged = OptionalInt.empty();
        stroke.clear();
        held.changed();
        e.consume();
    }

    private void hover(MouseEvent e) {
        boolean over = held.hand().isPresent()
                && map().map(m -> m.pixel(e.getX(), e.getY()))
                        .map(p -> held.hand().get().ringAt(p[0], p[1]).isPresent())
                        .orElse(false);
        setCursor(
                held.hand().isEmpty()
                        ? Cursor.DEFAULT
                        : over && !held.tool().isDrawn() ? Cursor.HAND : Cursor.CROSSHAIR);
    }

    private static double brush(Measuring hand) {
        return hand.proposed().found().lens().height() * BRUSH;
    }

    @Override
    void paint(MeasurePainter painter) {
        FrameRef frame = desk().player().shown().orElseThrow().ref();
        if (!held.onProperty().get() || held.hand().isEmpty()) {
            // What was measured on this frame is shown where it was measured.
            desk().work().now().job().findings().stream()
                    .flatMap(f -> f.sizes().stream())
                    .filter(s -> s.frame().equals(frame))
                    .map(PictureSize::drawn)
                    .forEach(d -> d.forEach(painter::kept));
            return;
        }
        Measuring hand = held.hand().get();
        for (Sized size : held.sizes()) {
            size.drawn().forEach(size.sure() < 1 ? painter::proposed : painter::underHand);
        }
        hand.ringsDrawn().forEach(painter::proposed);
        hand.painted().forEach(painter::underHand);
        if (hand.tool().isDrawn() && stroke.size() > 1) {
            painter.underHand(Drawn.brushed(
                    hand.tool() == hitch.core.gauge.Tool.SHARE ? Drawn.Form.BRUSH : Drawn.Form.LINE,
                    stroke,
                    2 * brush(hand),
                    hand.proposed().found().lens().width(),
                    hand.proposed().found().lens().height()));
        }
        map().ifPresent(m -> hand.places().forEach(p -> painter.place(m.screen(p))));
    }
}
