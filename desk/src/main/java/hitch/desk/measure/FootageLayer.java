package hitch.desk.measure;

import hitch.desk.Context;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;

/** Lies over the footage and draws on it what belongs to the frame on show; takes the hand while it is on. */
public abstract class FootageLayer extends Pane {
    private final Context desk;
    private final Canvas canvas = new Canvas();
    private Bounds picture = new BoundingBox(0, 0, 0, 0);

    /** @param on whether it takes the hand */
    FootageLayer(Context desk, ObservableBooleanValue on) {
        this.desk = desk;
        setManaged(false);
        getChildren().add(canvas);
        canvas.setMouseTransparent(true);
        on.addListener((o, was, is) -> take(is));
        take(on.get());
        ChangeListener<Object> changed = (o, was, is) -> draw();
        desk.player().shownProperty().addListener(changed);
        desk.work().snapshotProperty().addListener(changed);
        on.addListener(changed);
    }

    private void take(boolean on) {
        setPickOnBounds(on);
        setMouseTransparent(!on);
    }

    /** Tells where the picture lies. */
    public final void lie(Bounds bounds, double width, double height) {
        picture = bounds;
        resizeRelocate(0, 0, width, height);
        canvas.setWidth(width);
        canvas.setHeight(height);
        draw();
    }

    final Context desk() {
        return desk;
    }

    /** Where the picture lies; of no width before it is known. */
    final Bounds picture() {
        return picture;
    }

    /** Draws it anew; nothing where no frame is on show. */
    final void draw() {
        MeasurePainter painter =
                new MeasurePainter(canvas.getGraphicsContext2D(), desk.theme().tones());
        painter.clear(canvas.getWidth(), canvas.getHeight());
        if (picture.getWidth() > 0) {
            desk.player().shown().ifPresent(f -> {
                painter.over(picture, f.adjustment());
                paint(painter);
            });
        }
    }

    abstract void paint(MeasurePainter painter);
}
