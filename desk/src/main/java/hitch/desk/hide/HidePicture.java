package hitch.desk.hide;

import hitch.core.footage.HiddenArea;
import hitch.core.footage.Patch;
import hitch.core.sketch.Tone;
import hitch.desk.Context;
import hitch.desk.Tones;
import hitch.desk.play.PictureImage;
import hitch.media.clip.Picture;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;

/** A frame with what is hidden on it, to be drawn, dragged and made larger or smaller by mouse and keys. */
final class HidePicture extends StackPane {
    /** How near to a lower right corner the hand takes hold of it, pixels. */
    private static final double CORNER = 12;
    /** The least side of what is hidden, parts of {@link Patch#WHOLE}. */
    private static final int LEAST = 100;

    private static final int STEP = 50;

    /** What covers it where it leaves, in either theme. */
    private static final Color OVER = Color.web(Tone.SLATE.hex());
    /** How much of it one sees through while it is under the hand. */
    private static final double CHOSEN = 0.6;

    /** What the hand does. */
    interface Hand {
        /** A new place is hidden. */
        void drawn(Patch patch);

        void chosen(String key);

        /** The chosen one was put elsewhere. */
        void moved(Patch patch);

        void removed();
    }

    private enum Grip {
        NEW,
        MOVE,
        CORNER
    }

    private final Context desk;
    private final Hand hand;
    private final Canvas canvas = new Canvas();
    private Image image;
    private Picture picture;
    private List<HiddenArea> areas = List.of();
    private String chosen = "";
    private Grip grip = Grip.NEW;
    private double fromX;
    private double fromY;
    private Patch was;
    private Patch under;

    HidePicture(Context desk, Hand hand) {
        this.desk = desk;
        this.hand = hand;
        getStyleClass().add("well");
        setId("hide-picture");
        setFocusTraversable(true);
        setMinSize(0, 0);
        setAccessibleText("The picture; drag across what is to be hidden");
        canvas.setManaged(false);
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        getChildren().add(canvas);
        widthProperty().addListener((o, before, is) -> draw());
        heightProperty().addListener((o, before, is) -> draw());
        focusedProperty().addListener((o, before, is) -> draw());
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::take);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::leave);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Shows a frame. */
    void show(Picture now) {
        picture = now;
        image = PictureImage.of(now);
        draw();
    }

    /** Shows what is hidden on it. */
    void show(List<HiddenArea> all, String key) {
        areas = all;
        chosen = key;
        draw();
    }

    private double scale() {
        return picture == null ? 1 : Math.min(getWidth() / picture.width(), getHeight() / picture.height());
    }

    private double left() {
        return (getWidth() - picture.width() * scale()) / 2;
    }

    private double top() {
        return (getHeight() - picture.height() * scale()) / 2;
    }

    private int across(double x) {
        return (int) Math.clamp(Math.round(Patch.WHOLE * (x - left()) / (picture.width() * scale())), 0, Patch.WHOLE);
    }

    private int down(double y) {
        return (int) Math.clamp(Math.round(Patch.WHOLE * (y - top()) / (picture.height() * scale())), 0, Patch.WHOLE);
    }

    private void take(MouseEvent e) {
        if (picture == null) {
            return;
        }
        requestFocus();
        fromX = e.getX();
        fromY = e.getY();
        grip = Grip.NEW;
        for (HiddenArea area : areas.reversed()) {
            Patch at = area.at(picture.pts()).orElse(null);
            if (at == null) {
                continue;
            }
            boolean corner =
                    Math.abs(e.getX() - x(at.right())) < CORNER && Math.abs(e.getY() - y(at.bottom())) < CORNER;
            if (corner || holds(at, e)) {
                grip = corner ? Grip.CORNER : Grip.MOVE;
                was = at;
                hand.chosen(area.key());
                break;
            }
        }
        e.consume();
    }

    private boolean holds(Patch at, MouseEvent e) {
        return e.getX() >= x(at.left())
                && e.getX() <= x(at.right())
                && e.getY() >= y(at.top())
                && e.getY() <= y(at.bottom());
    }

    private void drag(MouseEvent e) {
        if (picture == null) {
            return;
        }
        int dx = across(e.getX()) - across(fromX);
        int dy = down(e.getY()) - down(fromY);
        under = switch (grip) {
            case NEW ->
                new Patch(
                        Math.min(across(fromX), across(e.getX())),
                        Math.min(down(fromY), down(e.getY())),
                        Math.max(across(fromX), across(e.getX())),
                        Math.max(down(fromY), down(e.getY())));
            case MOVE -> moved(was, dx, dy);
            case CORNER -> sized(was, dx, dy);
        };
        draw();
        e.consume();
    }

    private static Patch moved(Patch patch, int dx, int dy) {
        int x = Math.clamp(dx, -patch.left(), Patch.WHOLE - patch.right());
        int y = Math.clamp(dy, -patch.top(), Patch.WHOLE - patch.bottom());
        return new Patch(patch.left() + x, patch.top() + y, patch.right() + x, patch.bottom() + y);
    }

    private static Patch sized(Patch patch, int dx, int dy) {
        return new Patch(
                patch.left(),
                patch.top(),
                Math.max(patch.left() + LEAST, patch.right() + dx),
                Math.max(patch.top() + LEAST, patch.bottom() + dy));
    }

    private void leave(MouseEvent e) {
        Patch now = under;
        under = null;
        if (now == null) {
            return;
        }
        if (grip != Grip.NEW) {
            hand.moved(now);
        } else if (now.right() - now.left() >= LEAST && now.bottom() - now.top() >= LEAST) {
            hand.drawn(now);
        }
        draw();
        e.consume();
    }

    private void key(KeyEvent e) {
        Patch at = chosenAt();
        if (at == null) {
            return;
        }
        int dx = 0;
        int dy = 0;
        switch (e.getCode()) {
            case LEFT -> dx = -STEP;
            case RIGHT -> dx = STEP;
            case UP -> dy = -STEP;
            case DOWN -> dy = STEP;
            case DELETE, BACK_SPACE -> {
                hand.removed();
                e.consume();
                return;
            }
            default -> {
                return;
            }
        }
        hand.moved(e.isShiftDown() ? sized(at, dx, dy) : moved(at, dx, dy));
        e.consume();
    }

    private Patch chosenAt() {
        return picture == null
                ? null
                : areas.stream()
                        .filter(a -> a.key().equals(chosen))
                        .findFirst()
                        .flatMap(a -> a.at(picture.pts()))
                        .orElse(null);
    }

    private double x(int part) {
        return left() + picture.width() * scale() * part / Patch.WHOLE;
    }

    private double y(int part) {
        return top() + picture.height() * scale() * part / Patch.WHOLE;
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        if (image == null) {
            return;
        }
        Tones tones = desk.theme().tones();
        g.drawImage(image, left(), top(), picture.width() * scale(), picture.height() * scale());
        for (HiddenArea area : areas) {
            boolean is = area.key().equals(chosen);
            Patch at = is && under != null && grip != Grip.NEW
                    ? under
                    : area.at(picture.pts()).orElse(null);
            if (at != null) {
                box(g, at, is, tones);
            }
        }
        if (under != null && grip == Grip.NEW) {
            box(g, under, true, tones);
        }
        if (isFocused()) {
            g.setStroke(tones.copper());
            g.setLineWidth(2);
            g.strokeRect(1, 1, getWidth() - 2, getHeight() - 2);
        }
    }

    private void box(GraphicsContext g, Patch at, boolean is, Tones tones) {
        double wide = x(at.right()) - x(at.left());
        double high = y(at.bottom()) - y(at.top());
        g.setFill(OVER);
        g.setGlobalAlpha(is ? CHOSEN : 1);
        g.fillRect(x(at.left()), y(at.top()), wide, high);
        g.setGlobalAlpha(1);
        g.setStroke(is ? tones.copper() : OVER);
        g.setLineWidth(2);
        g.strokeRect(x(at.left()), y(at.top()), wide, high);
        if (is) {
            g.setFill(tones.copper());
            g.fillRect(x(at.right()) - CORNER / 2, y(at.bottom()) - CORNER / 2, CORNER, CORNER);
        }
    }
}
