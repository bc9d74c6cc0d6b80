package hitch.desk.line;

import hitch.core.sketch.Mark;
import hitch.core.sketch.Point;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.Tone;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints a sketch on a canvas, light or dark. */
public final class SketchPainter {
    private final Textures textures = new Textures();
    private final Stamps stamps = new Stamps();

    public void paint(GraphicsContext g, Sketch sketch, Tones tones) {
        g.setFill(tones.card());
        g.fillRect(0, 0, sketch.width(), sketch.height());
        for (Mark mark : sketch.marks()) {
            switch (mark) {
                case Mark.Area a -> {
                    g.setFill(colour(a.tone(), tones).deriveColor(0, 1, 1, a.strength()));
                    polygon(g, a.corners());
                }
                case Mark.Stroke s -> stroke(g, s, tones);
                case Mark.Pipe p -> pipe(g, p, tones, sketch.width());
                case Mark.Hatch h -> hatch(g, h, tones, sketch.width());
                case Mark.Words w -> words(g, w, tones);
                case Mark.Knot k -> stamps.stamp(g, k.x(), k.y(), k.knots(), k.tone(), colour(k.tone(), tones), tones);
            }
        }
    }

    private static void polygon(GraphicsContext g, List<Point> corners) {
        double[] xs = corners.stream().mapToDouble(Point::x).toArray();
        double[] ys = corners.stream().mapToDouble(Point::y).toArray();
        g.fillPolygon(xs, ys, xs.length);
    }

    private static void stroke(GraphicsContext g, Mark.Stroke s, Tones tones) {
        if (s.isPlumb()) {
            // Most lines are: a filled box is drawn several times as fast as a stroke.
            double y = Math.min(s.points().getFirst().y(), s.points().getLast().y());
            g.setFill(colour(s.tone(), tones));
            g.fillRect(s.points().getFirst().x() - s.width() / 2, y, s.width(), s.high());
            return;
        }
        g.setStroke(colour(s.tone(), tones));
        g.setLineWidth(s.width());
        g.setLineCap(s.dashed() ? StrokeLineCap.BUTT : StrokeLineCap.ROUND);
        g.setLineDashes(s.dashed() ? new double[] {5, 4} : new double[0]);
        double[] xs = s.points().stream().mapToDouble(Point::x).toArray();
        double[] ys = s.points().stream().mapToDouble(Point::y).toArray();
        g.strokePolyline(xs, ys, xs.length);
        g.setLineDashes();
    }

    /** Only what is in view is painted, however far the pipe goes on past it. */
    private void pipe(GraphicsContext g, Mark.Pipe p, Tones tones, double width) {
        double from = Math.max(0, p.x());
        double to = Math.min(width, p.x() + p.width());
        if (to <= from) {
            return;
        }
        double left = at(p.x(), p.width(), p.leftY(), p.rightY(), from);
        double right = at(p.x(), p.width(), p.leftY(), p.rightY(), to);
        double[] xs = {from, to, to, from};
        g.setFill(textures.of(p.span(), tones));
        g.fillPolygon(xs, new double[] {left, right, right + p.height(), left + p.height()}, 4);
        if (p.span().pipe().wall().isEmpty()) {
            hatch(g, new Mark.Hatch(from, to - from, left, right, p.height()), tones, width);
        }
        g.setFill(Color.color(1, 1, 1, 0.16));
        double high = p.height() * 0.16;
        double low = p.height() * 0.36;
        g.fillPolygon(xs, new double[] {left + high, right + high, right + low, left + low}, 4);
        g.setStroke(tones.soft().deriveColor(0, 1, 1, 0.7));
        g.setLineWidth(0.8);
        g.strokeLine(from, left, to, right);
        g.strokeLine(from, left + p.height(), to, right + p.height());
    }

    private static double at(double x, double width, double leftY, double rightY, double asked) {
        return width == 0 ? leftY : leftY + (rightY - leftY) * (asked - x) / width;
    }

    private static void hatch(GraphicsContext g, Mark.Hatch h, Tones tones, double width) {
        double from = Math.max(0, h.x());
        double to = Math.min(width, h.x() + h.width());
        if (to <= from) {
            return;
        }
        double left = at(h.x(), h.width(), h.leftY(), h.rightY(), from);
        double right = at(h.x(), h.width(), h.leftY(), h.rightY(), to);
        g.save();
        g.beginPath();
        g.moveTo(from, left);
        g.lineTo(to, right);
        g.lineTo(to, right + h.height());
        g.lineTo(from, left + h.height());
        g.closePath();
        g.clip();
        g.setFill(tones.card().deriveColor(0, 1, 1, 0.45));
        g.fillRect(from, Math.min(left, right), to - from, h.height() + Math.abs(right - left));
        PipePaint.hatch(g, tones, from, Math.min(left, right), to - from, h.height() + Math.abs(right - left));
        g.restore();
    }

    private static void words(GraphicsContext g, Mark.Words w, Tones tones) {
        g.setFont(Font.font(
                switch (w.face()) {
                    case TEXT -> "Hanken Grotesk";
                    case STRONG -> "Hanken Grotesk SemiBold";
                    case FIGURES -> "Spline Sans Mono";
                },
                w.size()));
        g.setTextAlign(
                switch (w.align()) {
                    case LEFT -> TextAlignment.LEFT;
                    case CENTRE -> TextAlignment.CENTER;
                    case RIGHT -> TextAlignment.RIGHT;
                });
        g.setTextBaseline(VPos.BASELINE);
        g.setFill(colour(w.tone(), tones));
        g.fillText(w.text(), w.x(), w.y());
    }

    private static Color colour(Tone tone, Tones tones) {
        return switch (tone) {
            case PAPER -> tones.paper();
            case CARD -> tones.card();
            case EDGE -> tones.edge();
            case INK -> tones.ink();
            case SOFT -> tones.soft();
            case SLATE -> tones.path();
            case WELL -> Color.web(Tone.WELL.hex());
            case ROPE -> tones.rope();
            case COPPER -> tones.copper();
            case WATER -> tones.water();
            case GROUND -> tones.rope().interpolate(tones.soft(), 0.5);
            case EARTH -> tones.edge().interpolate(tones.card(), 0.55);
        };
    }
}
