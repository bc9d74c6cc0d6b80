package hitch.desk.mark;

import static hitch.desk.mark.ChartPainter.PIPE_WIDTH;
import static hitch.desk.mark.ChartPainter.PIPE_X;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.HiddenWall;
import hitch.core.survey.Rhythm;
import hitch.core.survey.Sectors;
import hitch.core.survey.SeenPart;
import hitch.core.survey.Survey;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import java.util.Collection;
import javafx.scene.canvas.GraphicsContext;

/** Draws the pipe that stands at the chart's left: what it is, the water in it, and what of it was not seen. */
final class UprightPipe {
    private static final double BESIDE = 6;

    /** Length of a joint's tick. */
    private static final double TICK = 7;

    private final GraphicsContext g;
    private final Tones tones;
    private final Survey survey;
    private final ChartGeometry geometry;
    private final Collection<Rhythm> rhythms;

    UprightPipe(GraphicsContext g, Tones tones, Survey survey, ChartGeometry geometry, Collection<Rhythm> rhythms) {
        this.g = g;
        this.tones = tones;
        this.survey = survey;
        this.geometry = geometry;
        this.rhythms = rhythms;
    }

    void paint() {
        for (PipeSpan span : survey.spans()) {
            double from = geometry.y(span.extent().from().mm());
            double to = geometry.y(span.extent().to().mm());
            PipePaint.fill(g, span, tones, PIPE_X, from, PIPE_WIDTH, to - from, false);
        }
        for (SeenPart unseen : survey.unseen()) {
            double from = geometry.y(unseen.extent().from().mm());
            double tall = Math.max(3, geometry.y(unseen.extent().to().mm()) - from);
            g.save();
            g.beginPath();
            g.rect(PIPE_X - 2, from, PIPE_WIDTH + 4, tall);
            g.clip();
            g.setFill(tones.paper());
            g.fillRect(PIPE_X - 2, from, PIPE_WIDTH + 4, tall);
            PipePaint.hatch(g, tones, PIPE_X - 2, from, PIPE_WIDTH + 4, tall);
            g.restore();
        }
        water();
        hiddenWall();
        rhythms.forEach(this::joints);
    }

    /** Fine ticks where joints lie, and a gap between two dots where one should and none was seen. */
    private void joints(Rhythm rhythm) {
        g.setStroke(tones.ink());
        g.setLineWidth(1);
        double right = PIPE_X + PIPE_WIDTH + BESIDE;
        for (Station at : rhythm.joints()) {
            double y = Math.round(geometry.y(at.mm())) + 0.5;
            g.strokeLine(right, y, right + TICK, y);
        }
        g.setFill(tones.soft());
        for (Station at : rhythm.missing()) {
            double y = geometry.y(at.mm());
            g.fillOval(right, y - 1, 2, 2);
            g.fillOval(right + TICK - 2, y - 1, 2, 2);
        }
    }

    /** Where a part of the wall stayed hidden: beside the upright pipe, at its left for the crown, at its right for the bottom. */
    private void hiddenWall() {
        for (HiddenWall wall : survey.line().seeing().hidden()) {
            if (wall.branch().equals(Branch.LINE)) {
                double from = geometry.y(wall.extent().from().mm());
                double tall = Math.max(3, geometry.y(wall.extent().to().mm()) - from);
                if (wall.hidden().isAnyOf(Sectors.UPPER)) {
                    beside(PIPE_X - BESIDE, from, tall);
                }
                if (wall.hidden().isAnyOf(Sectors.LOWER)) {
                    beside(PIPE_X + PIPE_WIDTH, from, tall);
                }
            }
        }
    }

    private void beside(double x, double y, double tall) {
        g.save();
        g.beginPath();
        g.rect(x, y, BESIDE, tall);
        g.clip();
        PipePaint.hatch(g, tones, x, y, BESIDE, tall);
        g.restore();
        g.setStroke(tones.soft());
        g.setLineWidth(1);
        g.strokeRect(x + 0.5, y, BESIDE - 1, tall);
    }

    private void water() {
        for (LocatedFinding found : survey.noted()) {
            boolean water = found.finding().kind().family() == FindingKind.Family.WATER;
            if (water && found.extent().isPresent()) {
                Extent e = found.extent().get();
                double from = geometry.y(e.from().mm());
                g.setFill(tones.water());
                g.fillRect(
                        PIPE_X + PIPE_WIDTH * 0.45,
                        from,
                        PIPE_WIDTH * 0.55,
                        Math.max(3, geometry.y(e.to().mm()) - from));
            }
        }
    }
}
