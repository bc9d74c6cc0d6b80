package hitch.desk.mark;

import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.Region;
import hitch.desk.widget.Labels;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** Lies over the footage: shows where the counter was found, and lets a box be drawn round it. */
final class CounterBox extends Pane {
    /** Boxes smaller than this, pixels on the screen, are slips of the hand. */
    private static final double LEAST = 8;

    private final Rectangle found = new Rectangle();
    private final Rectangle drawn = new Rectangle();
    private final Label question = Labels.of("", "well-chip");
    private Optional<Consumer<Region>> taker = Optional.empty();
    private String words = "";
    /** Room round the digits, pixels of the footage. */
    private static final int ROOM = 4;

    private Bounds picture;
    private int width;
    private int height;
    private double startX;
    private double startY;

    CounterBox() {
        setPickOnBounds(false);
        found.getStyleClass().add("counter-found");
        drawn.getStyleClass().add("counter-drawn");
        found.setVisible(false);
        drawn.setVisible(false);
        found.setMouseTransparent(true);
        drawn.setMouseTransparent(true);
        question.setId("counter-question");
        question.setMouseTransparent(true);
        question.visibleProperty().bind(question.textProperty().isNotEmpty());
        getChildren().addAll(found, drawn, question);
        setOnMousePressed(this::begin);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> end());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave();
                e.consume();
            }
        });
    }

    /** Shows where the counter is on a picture of the given size as stored, which lies at {@code bounds}. */
    void show(Optional<CounterPlace> place, Bounds bounds, int storedWidth, int storedHeight) {
        picture = bounds;
        width = storedWidth;
        height = storedHeight;
        found.setVisible(place.isPresent() && bounds.getWidth() > 0);
        place.ifPresent(p -> {
            // The picture may be shown with other pixels than it is stored with.
            Region r = p.ink()
                    .grown(ROOM, ROOM)
                    .within(p.picture().width(), p.picture().height());
            double sx = bounds.getWidth() / p.picture().width();
            double sy = bounds.getHeight() / p.picture().height();
            found.setX(bounds.getMinX() + r.x() * sx);
            found.setY(bounds.getMinY() + r.y() * sy);
            found.setWidth(r.width() * sx);
            found.setHeight(r.height() * sy);
        });
    }

    /** Writes a question about the counter over the footage's foot; blank for none. It waits while a box is asked for. */
    void ask(String words) {
        this.words = words;
        say();
    }

    private void say() {
        question.setText(isAsking() ? "Drag a box round the counter's number. Esc leaves." : words);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        question.autosize();
        question.relocate((getWidth() - question.getWidth()) / 2, getHeight() - question.getHeight() - 8);
    }

    /** Asks for a box; {@code then} gets it in the picture's own pixels. Escape calls it off. */
    void askForBox(Consumer<Region> then) {
        taker = Optional.of(then);
        say();
        setPickOnBounds(true);
        setCursor(Cursor.CROSSHAIR);
        requestFocus();
    }

    boolean isAsking() {
        return taker.isPresent();
    }

    private void begin(MouseEvent e) {
        startX = e.getX();
        startY = e.getY();
        drawn.setVisible(isAsking());
        drag(e);
    }

    private void drag(MouseEvent e) {
        Rectangle2D box = new Rectangle2D(
                Math.min(startX, e.getX()),
                Math.min(startY, e.getY()),
                Math.abs(e.getX() - startX),
                Math.abs(e.getY() - startY));
        drawn.setX(box.getMinX());
        drawn.setY(box.getMinY());
        drawn.setWidth(box.getWidth());
        drawn.setHeight(box.getHeight());
    }

    private void end() {
        if (!isAsking() || picture == null || drawn.getWidth() < LEAST || drawn.getHeight() < LEAST) {
            drawn.setVisible(false);
            return;
        }
        double sx = width / picture.getWidth();
        double sy = height / picture.getHeight();
        Region region = new Region(
                        (int) Math.round((drawn.getX() - picture.getMinX()) * sx),
                        (int) Math.round((drawn.getY() - picture.getMinY()) * sy),
                        (int) Math.max(1, Math.round(drawn.getWidth() * sx)),
                        (int) Math.max(1, Math.round(drawn.getHeight() * sy)))
                .within(width, height);
        Consumer<Region> then = taker.orElseThrow();
        leave();
        then.accept(region);
    }

    void leave() {
        taker = Optional.empty();
        say();
        drawn.setVisible(false);
        setPickOnBounds(false);
        setCursor(Cursor.DEFAULT);
    }
}
