package hitch.desk.line;

import hitch.core.sketch.Tone;
import hitch.desk.Tones;
import hitch.desk.widget.Rope;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.transform.Scale;

/** Each sort of knot painted once and stamped wherever one hangs: hundreds of small curves a frame are slow. */
final class Stamps {
    /** Half the side of the square a knot is painted in, pixels. */
    private static final double HALF = 14;
    /** Painted so much larger, for fine screens and for paper. */
    private static final double FINER = 2;

    private final Map<Sort, Image> stamps = new HashMap<>();

    private record Sort(int knots, Color colour, Color hollow, Tones tones) {}

    /**
     * @param knots how many; 0 for a hollow ring
     * @param tone as the sketch says
     * @param colour of that tone
     */
    void stamp(GraphicsContext g, double x, double y, int knots, Tone tone, Color colour, Tones tones) {
        Color ring = tone == Tone.INK ? tones.soft() : colour;
        Image stamp = stamps.computeIfAbsent(new Sort(knots, colour, ring, tones), Stamps::paint);
        g.drawImage(stamp, Math.round(x) - HALF, Math.round(y) - HALF, 2 * HALF, 2 * HALF);
    }

    private static Image paint(Sort sort) {
        Canvas canvas = new Canvas(2 * HALF, 2 * HALF);
        GraphicsContext g = canvas.getGraphicsContext2D();
        if (sort.knots() > 0) {
            Rope.knot(
                    g,
                    HALF,
                    HALF,
                    10 + 2 * sort.knots(),
                    sort.colour(),
                    sort.tones().card());
        } else {
            g.setFill(sort.tones().card());
            g.fillOval(HALF - 5, HALF - 5, 10, 10);
            g.setStroke(sort.hollow());
            g.setLineWidth(1.4);
            g.strokeOval(HALF - 5, HALF - 5, 10, 10);
        }
        SnapshotParameters clear = new SnapshotParameters();
        clear.setFill(Color.TRANSPARENT);
        clear.setTransform(new Scale(FINER, FINER));
        return canvas.snapshot(clear, null);
    }
}
