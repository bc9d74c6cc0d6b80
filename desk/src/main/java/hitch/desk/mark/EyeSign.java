package hitch.desk.mark;

import hitch.desk.Tones;
import javafx.scene.canvas.GraphicsContext;

/** The sign of a place that stands out: an open eye. */
final class EyeSign {
    private static final double HALF = 7;
    private static final double HIGH = 4.5;
    private static final double PUPIL = 1.9;

    private EyeSign() {}

    static void paint(GraphicsContext g, double x, double y, Tones tones) {
        g.beginPath();
        g.moveTo(x - HALF, y);
        g.quadraticCurveTo(x, y - 2 * HIGH, x + HALF, y);
        g.quadraticCurveTo(x, y + 2 * HIGH, x - HALF, y);
        g.closePath();
        g.setFill(tones.card());
        g.fill();
        g.setStroke(tones.ink());
        g.setLineWidth(1.3);
        g.stroke();
        g.setFill(tones.ink());
        g.fillOval(x - PUPIL, y - PUPIL, 2 * PUPIL, 2 * PUPIL);
    }
}
