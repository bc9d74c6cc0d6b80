package hitch.desk.widget;

import hitch.core.finding.Weight;
import hitch.desk.Tones;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;

/** A weight as knots on a rope; the number of knots says it, not a colour. */
public final class Rope extends Region {
    private static final double WIDTH = 64;
    private static final double HEIGHT = 14;

    public Rope(Weight weight, Tones tones) {
        Canvas canvas = new Canvas(WIDTH, HEIGHT);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setStroke(tones.rope());
        g.setLineWidth(2.5);
        g.setLineCap(StrokeLineCap.ROUND);
        g.strokeLine(2, HEIGHT / 2, WIDTH - 2, HEIGHT / 2);
        for (int i = 0; i < 4; i++) {
            double x = WIDTH * (i + 0.5) / 4;
            if (i < weight.knots()) {
                knot(g, x, HEIGHT / 2, 11, tones.copper(), tones.card());
            } else {
                g.setFill(tones.rope());
                g.fillOval(x - 2.5, HEIGHT / 2 - 2.5, 5, 5);
            }
        }
        getChildren().add(canvas);
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        setPrefSize(WIDTH, HEIGHT);
        setAccessibleRole(AccessibleRole.TEXT);
        setAccessibleText(weight.word() + ", " + weight.knots() + " of 4 knots");
    }

    /** One knot: two crossing loops. */
    public static void knot(GraphicsContext g, double x, double y, double size, Color colour, Color line) {
        g.setFill(colour);
        g.fillOval(x - size * 0.62, y - size * 0.42, size * 0.74, size * 0.84);
        g.fillOval(x - size * 0.12, y - size * 0.42, size * 0.74, size * 0.84);
        g.setStroke(line.deriveColor(0, 1, 1, 0.55));
        g.setLineWidth(Math.max(1, size / 9));
        g.strokeArc(x - size * 0.3, y - size * 0.5, size * 0.6, size, 60, 60, javafx.scene.shape.ArcType.OPEN);
    }
}
