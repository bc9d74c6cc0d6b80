package hitch.desk.measure;

import hitch.core.footage.Adjustment;
import hitch.core.footage.Drawn;
import hitch.desk.Tones;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** Draws what is measured over a picture: lightly what is proposed, copper what is under the hand. */
final class MeasurePainter {
    private static final Color HALO = Color.color(0.05, 0.08, 0.09, 0.55);
    private static final Color LIGHT = Color.color(0.96, 0.95, 0.92, 0.85);
    private static final Color CHIP = Color.color(0.07, 0.1, 0.11, 0.8);
    private static final Font WORDS = Font.font("Hanken Grotesk SemiBold", 16);
    private static final double PAINT = 0.35;

    private final GraphicsContext g;
    private final Tones tones;
    private Bounds picture;
    private Adjustment looked;

    MeasurePainter(GraphicsContext g, Tones tones) {
        this.g = g;
        this.tones = tones;
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
    }

    void clear(double width, double height) {
        g.clearRect(0, 0, width, height);
    }

    /** All that follows is drawn over a picture that lies there and is looked at so. */
    void over(Bounds bounds, Adjustment how) {
        picture = bounds;
        looked = how;
    }

    void proposed(Drawn what) {
        draw(what, LIGHT, 1.25);
    }

    void kept(Drawn what) {
        draw(what, LIGHT, 1.75);
    }

    void underHand(Drawn what) {
        draw(what, tones.copper(), 2);
    }

    /** A place that was clicked. */
    void place(double[] at) {
        g.setFill(HALO);
        g.fillOval(at[0] - 5, at[1] - 5, 10, 10);
        g.setFill(tones.copper());
        g.fillOval(at[0] - 3.5, at[1] - 3.5, 7, 7);
    }

    private void draw(Drawn what, Color color, double width) {
        // A square of the picture's own measure: turning keeps what is as wide as it is.
        PictureMap map = new PictureMap(
                (int) Math.round(picture.getWidth()), (int) Math.round(picture.getHeight()), picture, looked);
        List<double[]> places = what.places().stream()
                .map(s -> map.screen(s.pixel(map.width(), map.height())))
                .toList();
        if (what.form() == Drawn.Form.WORDS) {
            words(what.words(), places.getFirst());
            return;
        }
        boolean paint = what.wide() > 0;
        double broad = what.wide() * picture.getWidth() / hitch.core.footage.Patch.WHOLE;
        if (!paint) {
            stroke(places, what.form() == Drawn.Form.RING, HALO, width + 2);
        }
        stroke(
                places,
                what.form() == Drawn.Form.RING,
                paint ? color.deriveColor(0, 1, 1, PAINT) : color,
                paint ? Math.max(width, broad) : width);
        if (what.form() == Drawn.Form.LINE) {
            ends(places, color);
        } else if (what.form() == Drawn.Form.ARROW) {
            head(places.get(Math.max(0, places.size() - 2)), places.getLast(), color);
        }
    }

    private void head(double[] from, double[] to, Color color) {
        double along = Math.atan2(to[1] - from[1], to[0] - from[0]);
        g.setStroke(color);
        for (double turn : new double[] {Math.PI - 0.45, Math.PI + 0.45}) {
            g.strokeLine(to[0], to[1], to[0] + 14 * Math.cos(along + turn), to[1] + 14 * Math.sin(along + turn));
        }
    }

    private void words(String words, double[] at) {
        g.setFont(WORDS);
        g.setTextBaseline(VPos.BOTTOM);
        Text measured = new Text(words);
        measured.setFont(WORDS);
        double wide = measured.getLayoutBounds().getWidth() + 12;
        g.setFill(CHIP);
        g.fillRoundRect(at[0], at[1] - 24, wide, 24, 6, 6);
        g.setFill(LIGHT);
        g.fillText(words, at[0] + 6, at[1] - 3);
    }

    /** Small cross-strokes at the ends of a line, so that it reads as a measure. */
    private void ends(List<double[]> places, Color color) {
        if (places.size() < 2) {
            return;
        }
        tick(places.get(1), places.getFirst(), color);
        tick(places.get(places.size() - 2), places.getLast(), color);
    }

    private void tick(double[] from, double[] end, Color color) {
        double length = Math.max(1e-6, Math.hypot(end[0] - from[0], end[1] - from[1]));
        double nx = -(end[1] - from[1]) / length * 6;
        double ny = (end[0] - from[0]) / length * 6;
        g.setStroke(color);
        g.setLineWidth(2);
        g.strokeLine(end[0] - nx, end[1] - ny, end[0] + nx, end[1] + ny);
    }

    private void stroke(List<double[]> places, boolean closed, Color color, double width) {
        double[] x = places.stream().mapToDouble(p -> p[0]).toArray();
        double[] y = places.stream().mapToDouble(p -> p[1]).toArray();
        g.setStroke(color);
        g.setLineWidth(width);
        if (closed) {
            g.strokePolygon(x, y, x.length);
        } else if (x.length == 1) {
            g.strokeLine(x[0], y[0], x[0], y[0]);
        } else {
            g.strokePolyline(x, y, x.length);
        }
    }
}
