package hitch.desk.widget;

import hitch.core.footage.Clip;
import hitch.core.footage.Stretch;
import hitch.core.sketch.Tone;
import hitch.desk.Tones;
import hitch.store.ClipShelf;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;

/** Pictures along a clip's length, with what was seen badly hatched over them. */
public final class Film {
    private Image pictures;
    private Path shown;

    /**
     * Loads the pictures in the background where they are there.
     *
     * @param then what to do once they are loaded
     */
    public void show(Path file, Runnable then) {
        if (file.equals(shown)) {
            return;
        }
        pictures = null;
        // A bare existence check; the bytes are read in the background by the image itself.
        if (!Files.exists(file)) {
            shown = null;
            return;
        }
        shown = file;
        Image image = new Image(file.toUri().toString(), true);
        image.progressProperty().addListener((o, was, is) -> {
            if (is.doubleValue() >= 1 && !image.isError() && file.equals(shown)) {
                pictures = image;
                then.run();
            }
        });
    }

    /** Draws the film into a rectangle; a dark strip until the pictures are there. */
    public void draw(GraphicsContext g, Tones tones, Clip clip, List<Stretch> stretches, Rect at) {
        g.setFill(Color.web("#12191C"));
        g.fillRect(at.x(), at.y(), at.width(), at.height());
        if (pictures != null) {
            fields(g, at);
        }
        for (Stretch stretch : stretches) {
            double from = at.x() + at.width() * clip.secondsInto(stretch.fromPts()) / clip.seconds();
            double to = at.x() + at.width() * clip.secondsInto(stretch.toPts()) / clip.seconds();
            if (stretch.reason().hides()) {
                badly(g, from, Math.max(3, to - from), at);
            } else {
                g.setFill(Color.web(Tone.PAPER.hex()));
                g.fillRect(from, at.y() + at.height() - 3, Math.max(1, to - from), 3);
            }
        }
    }

    private void fields(GraphicsContext g, Rect at) {
        double field = (double) ClipShelf.PICTURE_WIDTH / ClipShelf.PICTURE_HEIGHT * at.height();
        int count = Math.max(1, (int) Math.round(at.width() / field));
        double wide = at.width() / count;
        double sourceWidth = Math.min(ClipShelf.PICTURE_WIDTH, wide / at.height() * ClipShelf.PICTURE_HEIGHT);
        for (int i = 0; i < count; i++) {
            int picture = (int) ((i + 0.5) * ClipShelf.PICTURES / count);
            g.drawImage(
                    pictures,
                    picture * ClipShelf.PICTURE_WIDTH + (ClipShelf.PICTURE_WIDTH - sourceWidth) / 2,
                    0,
                    sourceWidth,
                    ClipShelf.PICTURE_HEIGHT,
                    at.x() + i * wide,
                    at.y(),
                    wide,
                    at.height());
        }
    }

    private static void badly(GraphicsContext g, double x, double width, Rect at) {
        g.save();
        g.beginPath();
        g.rect(x, at.y(), width, at.height());
        g.clip();
        g.setFill(Color.color(0, 0, 0, 0.55));
        g.fillRect(x, at.y(), width, at.height());
        g.setStroke(Color.web(Tone.PAPER.hex()));
        g.setLineWidth(1.4);
        for (double d = -at.height(); d < width; d += 6) {
            g.strokeLine(x + d, at.y() + at.height(), x + d + at.height(), at.y());
        }
        g.restore();
    }

    /** A rectangle on a canvas. */
    public record Rect(double x, double y, double width, double height) {}
}
