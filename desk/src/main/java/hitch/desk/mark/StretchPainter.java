package hitch.desk.mark;

import hitch.core.counter.Doubtful;
import hitch.core.footage.Stretch;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Draws the stretches of one clip on the chart that were seen badly or whose counter is in doubt. */
final class StretchPainter {
    private final GraphicsContext g;
    private final Tones tones;
    private final ChartGeometry geometry;
    private final ChartGeometry.Lane lane;

    StretchPainter(GraphicsContext g, Tones tones, ChartGeometry geometry, ChartGeometry.Lane lane) {
        this.g = g;
        this.tones = tones;
        this.geometry = geometry;
        this.lane = lane;
    }

    /** Hatches what was seen badly, and marks along the foot where the camera stands. */
    void bad(List<Stretch> stretches) {
        for (Stretch stretch : stretches) {
            double from = x(stretch.fromPts());
            double wide = Math.max(3, x(stretch.toPts()) - from);
            if (!isInView(from, wide)) {
                continue;
            }
            if (stretch.reason().hides()) {
                hatch(from, wide, true);
                if (wide > 60) {
                    word(stretch.reason().word(), from + wide / 2, geometry.top() + 12);
                }
            } else {
                g.setFill(tones.soft().deriveColor(0, 1, 1, 0.5));
                g.fillRect(from, geometry.top() + geometry.height() - 4, wide, 4);
            }
        }
    }

    /** Hatches where the counter could not be read with trust. */
    void doubtful(List<Doubtful> doubts) {
        for (Doubtful doubt : doubts) {
            double from = x(doubt.fromPts());
            double wide = Math.max(3, x(doubt.toPts()) - from);
            if (!isInView(from, wide)) {
                continue;
            }
            hatch(from, wide, false);
            if (wide > 96) {
                word("counter unsure", from + wide / 2, geometry.top() + geometry.height() - 12);
            }
        }
    }

    private double x(long pts) {
        return geometry.x(lane.clip().id(), pts).orElse(lane.x());
    }

    private boolean isInView(double from, double wide) {
        return from < geometry.left() + geometry.width() + 12 && from + wide > geometry.left() - 12;
    }

    private void hatch(double from, double wide, boolean covered) {
        g.save();
        g.beginPath();
        g.rect(from, geometry.top(), wide, geometry.height());
        g.clip();
        if (covered) {
            g.setFill(tones.paper());
            g.fillRect(from, geometry.top(), wide, geometry.height());
        }
        PipePaint.hatch(g, tones, from, geometry.top(), wide, geometry.height());
        g.restore();
    }

    private void word(String text, double x, double y) {
        g.setFont(ChartPainter.TEXT);
        double wide = text.length() * 6.2 + 10;
        g.setFill(tones.paper());
        g.fillRect(x - wide / 2, y - 9, wide, 18);
        g.setFill(tones.soft());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, x, y);
    }
}
