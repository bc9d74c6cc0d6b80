package hitch.media.draw;

import hitch.core.sketch.Mark;
import hitch.core.sketch.Point;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.Tone;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.function.UnaryOperator;

/** Paints a sketch into a picture. */
public final class SketchPen {
    private static final double HATCH = 7;

    private SketchPen() {}

    /**
     * @param told how words in it may be told
     */
    public static void paint(Pen pen, Sketch sketch, UnaryOperator<String> told) {
        for (Mark mark : sketch.marks()) {
            switch (mark) {
                case Mark.Area a -> area(pen, a);
                case Mark.Stroke s -> stroke(pen, s);
                case Mark.Pipe p -> pipe(pen, p);
                case Mark.Hatch h -> hatch(pen, h);
                case Mark.Words w -> words(pen, w, told.apply(w.text()));
                case Mark.Knot k -> knot(pen, k);
            }
        }
    }

    private static Color colour(Tone tone) {
        return new Color(tone.rgb());
    }

    private static void area(Pen pen, Mark.Area a) {
        Color c = colour(a.tone());
        pen.graphics().setColor(new Color(c.getRed(), c.getGreen(), c.getBlue(), (int) Math.round(255 * a.strength())));
        Path2D path = path(a.corners());
        path.closePath();
        pen.graphics().fill(path);
    }

    private static Path2D path(List<Point> points) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.getFirst().x(), points.getFirst().y());
        points.stream().skip(1).forEach(p -> path.lineTo(p.x(), p.y()));
        return path;
    }

    private static void stroke(Pen pen, Mark.Stroke s) {
        Graphics2D g = pen.graphics();
        g.setColor(colour(s.tone()));
        g.setStroke(
                s.dashed()
                        ? new BasicStroke(
                                (float) s.width(),
                                BasicStroke.CAP_BUTT,
                                BasicStroke.JOIN_ROUND,
                                1,
                                new float[] {5, 4},
                                0)
                        : new BasicStroke((float) s.width(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(path(s.points()));
    }

    private static Path2D band(double x, double width, double leftY, double rightY, double height) {
        return path(List.of(
                new Point(x, leftY),
                new Point(x + width, rightY),
                new Point(x + width, rightY + height),
                new Point(x, leftY + height)));
    }

    private static void pipe(Pen pen, Mark.Pipe p) {
        Path2D band = band(p.x(), p.width(), p.leftY(), p.rightY(), p.height());
        band.closePath();
        pen.graphics().setColor(p.span().pipe().wall().map(Palette::wall).orElse(Palette.PAPER_EDGE));
        pen.graphics().fill(band);
    }

    private static void hatch(Pen pen, Mark.Hatch h) {
        Graphics2D g = pen.graphics();
        java.awt.Shape clip = g.getClip();
        Path2D band = band(h.x(), h.width(), h.leftY(), h.rightY(), h.height());
        band.closePath();
        g.setColor(Palette.PAPER);
        g.fill(band);
        g.clip(band);
        g.setColor(Palette.INK_SOFT);
        g.setStroke(new BasicStroke(1.2f));
        double low = Math.max(h.leftY(), h.rightY()) + h.height();
        double high = Math.min(h.leftY(), h.rightY());
        for (double x = h.x() - (low - high); x < h.x() + h.width(); x += HATCH) {
            g.draw(new Line2D.Double(x, low, x + low - high, high));
        }
        g.setClip(clip);
        g.draw(band);
    }

    private static void words(Pen pen, Mark.Words w, String text) {
        Font font = switch (w.face()) {
            case TEXT -> Typefaces.text(w.size());
            case STRONG -> Typefaces.bold(w.size());
            case FIGURES -> Typefaces.measure(w.size());
        };
        double wide = pen.graphics().getFontMetrics(font).stringWidth(text);
        double x = switch (w.align()) {
            case LEFT -> w.x();
            case CENTRE -> w.x() - wide / 2;
            case RIGHT -> w.x() - wide;
        };
        pen.line(text, font, colour(w.tone()), x, w.y(), wide + 10);
    }

    /** As many knots as it weighs, one over the other on its rope; a ring for none. */
    private static void knot(Pen pen, Mark.Knot k) {
        Graphics2D g = pen.graphics();
        g.setColor(colour(k.tone()));
        if (k.knots() == 0) {
            g.setStroke(new BasicStroke(1.6f));
            g.draw(new Ellipse2D.Double(k.x() - 4, k.y() - 4, 8, 8));
            return;
        }
        for (int i = 0; i < k.knots(); i++) {
            double y = k.y() - i * 7 + (k.knots() - 1) * 3.5;
            g.fill(new Ellipse2D.Double(k.x() - 6, y - 3, 7, 6));
            g.fill(new Ellipse2D.Double(k.x() - 1, y - 3, 7, 6));
        }
    }
}
