package hitch.desk.widget;

import hitch.core.pipe.PipeSpan;
import hitch.core.pipe.Wall;
import hitch.desk.Tones;
import hitch.media.draw.Palette;
import java.util.Optional;
import java.util.Random;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints lengths of pipe in the look of their material, so that a glance tells clay from iron from plastic. */
public final class PipePaint {
    private PipePaint() {}

    /**
     * Fills a rectangle with {@code span}'s material.
     *
     * @param along whether the pipe runs left to right rather than top to bottom
     */
    public static void fill(
            GraphicsContext g, PipeSpan span, Tones tones, double x, double y, double w, double h, boolean along) {
        g.save();
        wall(g, span, tones, x, y, w, h, along);
        g.setFill(Color.color(1, 1, 1, 0.16));
        if (along) {
            g.fillRect(x, y + h * 0.16, w, h * 0.2);
        } else {
            g.fillRect(x + w * 0.16, y, w * 0.2, h);
        }
        g.restore();
    }

    /** The bare wall of a pipe, without the light on it. */
    public static void wall(
            GraphicsContext g, PipeSpan span, Tones tones, double x, double y, double w, double h, boolean along) {
        Optional<Wall> its = span.pipe().wall();
        g.beginPath();
        g.rect(x, y, w, h);
        g.clip();
        g.setFill(its.map(PipePaint::colour).orElse(tones.edge()));
        g.fillRect(x, y, w, h);
        Random random =
                new Random(span.extent().from().mm() * 31 + span.extent().to().mm());
        double length = along ? w : h;
        if (its.isEmpty()) {
            hatch(g, tones, x, y, w, h);
        } else {
            switch (its.get().grain()) {
                case JOINTED -> joints(g, x, y, w, h, along, 14, Color.color(0.25, 0.13, 0.07, 0.45));
                case ROUGH -> speckle(g, random, x, y, w, h, (int) (length * 1.6));
                case SMOOTH -> joints(g, x, y, w, h, along, 44, Color.color(0.3, 0.33, 0.33, 0.5));
            }
        }
    }

    private static Color colour(Wall wall) {
        return Color.web(String.format("#%06X", Palette.wall(wall).getRGB() & 0xFFFFFF));
    }

    private static void joints(
            GraphicsContext g, double x, double y, double w, double h, boolean along, double step, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(1.4);
        double length = along ? w : h;
        for (double at = step; at < length; at += step) {
            if (along) {
                g.strokeLine(x + at, y, x + at, y + h);
            } else {
                g.strokeLine(x, y + at, x + w, y + at);
            }
        }
    }

    private static void speckle(GraphicsContext g, Random random, double x, double y, double w, double h, int count) {
        for (int i = 0; i < count; i++) {
            double size = 1 + random.nextDouble() * 2.6;
            g.setFill(random.nextBoolean() ? Color.color(0.78, 0.42, 0.2, 0.5) : Color.color(0.12, 0.08, 0.06, 0.5));
            g.fillOval(x + random.nextDouble() * w, y + random.nextDouble() * h, size, size);
        }
    }

    /** Slanted lines: not known, or not seen. */
    public static void hatch(GraphicsContext g, Tones tones, double x, double y, double w, double h) {
        g.setStroke(tones.soft().deriveColor(0, 1, 1, 0.6));
        g.setLineWidth(1);
        for (double at = -h; at < w; at += 6) {
            g.strokeLine(x + at, y + h, x + at + h, y);
        }
    }
}
