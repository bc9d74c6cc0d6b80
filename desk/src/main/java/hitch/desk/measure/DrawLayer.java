package hitch.desk.measure;

import hitch.core.footage.Drawn;
import hitch.core.footage.Patch;
import hitch.desk.Context;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Lies over the footage: shows what was drawn on a finding's still, and lets a hand draw there. */
public final class DrawLayer extends FootageLayer {
    /** Less than this, points of the screen, is a slip of the hand. */
    private static final double LEAST = 6;

    private static final int ROUND = 48;
    private static final int LONGEST = 80;

    private final StillHand hand;
    private final TextField words;
    private final List<double[]> stroke = new ArrayList<>();

    public DrawLayer(Context desk, StillHand hand, TextField words) {
        super(desk, hand.onProperty());
        this.hand = hand;
        this.words = words;
        setId("draw-layer");
        setCursor(Cursor.CROSSHAIR);
        setAccessibleText("Where the still is drawn on");
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        desk.selected().addListener((o, was, is) -> draw());
    }

    private Optional<PictureMap> map() {
        return desk().player()
                .shown()
                .filter(f -> picture().getWidth() > 0)
                .map(f -> new PictureMap(
                        (int) Math.round(picture().getWidth()),
                        (int) Math.round(picture().getHeight()),
                        picture(),
                        f.adjustment()));
    }

    private void press(MouseEvent e) {
        if (e.getButton() == MouseButton.PRIMARY && hand.finding().isPresent()) {
            if (hand.toolProperty().get() != StillHand.Tool.WORDS) {
                requestFocus();
            }
            stroke.clear();
            stroke.add(new double[] {e.getX(), e.getY()});
            e.consume();
        }
    }

    private void drag(MouseEvent e) {
        if (!stroke.isEmpty()) {
            stroke.add(new double[] {e.getX(), e.getY()});
            draw();
            e.consume();
        }
    }

    private void release(MouseEvent e) {
        if (!stroke.isEmpty()) {
            mark(true).ifPresent(hand::add);
            stroke.clear();
            e.consume();
        }
    }

    /** What the stroke so far would make. */
    private Optional<Drawn> mark(boolean finished) {
        double[] from = stroke.getFirst();
        double[] to = stroke.getLast();
        boolean slip = Math.hypot(to[0] - from[0], to[1] - from[1]) < LEAST;
        return map().flatMap(m -> switch (hand.toolProperty().get()) {
            case RING -> slip ? Optional.empty() : Optional.of(ring(m, from, to));
            case ARROW -> slip ? Optional.empty() : Optional.of(of(m, Drawn.Form.ARROW, List.of(from, to)));
            case LINE -> stroke.size() < 2 ? Optional.empty() : Optional.of(of(m, Drawn.Form.BRUSH, stroke));
            case WORDS -> finished ? written(m, to) : Optional.empty();
        });
    }

    private Optional<Drawn> written(PictureMap map, double[] at) {
        String typed = words.getText().strip();
        if (typed.isEmpty()) {
            desk().work().notices().say("Type what is to be written first, then click where it goes.");
            words.requestFocus();
            return Optional.empty();
        }
        String most = typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed;
        return Optional.of(
                Drawn.words(of(map, Drawn.Form.LINE, List.of(at)).places().getFirst(), most));
    }

    private static Drawn ring(PictureMap map, double[] from, double[] to) {
        List<double[]> round = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double a = 2 * Math.PI * i / ROUND;
            round.add(new double[] {
                (from[0] + to[0]) / 2 + Math.abs(to[0] - from[0]) / 2 * Math.cos(a),
                (from[1] + to[1]) / 2 + Math.abs(to[1] - from[1]) / 2 * Math.sin(a)
            });
        }
        return of(map, Drawn.Form.RING, round);
    }

    private static Drawn of(PictureMap map, Drawn.Form form, List<double[]> screen) {
        return Drawn.of(
                form,
                screen.stream()
                        .map(p -> map.pixel(p[0], p[1]))
                        .map(p -> new double[] {inside(p[0], map.width()), inside(p[1], map.height())})
                        .toList(),
                map.width(),
                map.height());
    }

    private static double inside(double at, double whole) {
        return Math.clamp(at, 0, whole * (Patch.WHOLE - 1.0) / Patch.WHOLE);
    }

    @Override
    void paint(MeasurePainter painter) {
        hand.marks().forEach(hand.onProperty().get() ? painter::underHand : painter::kept);
        if (stroke.size() > 1) {
            mark(false).ifPresent(painter::underHand);
        }
    }
}
