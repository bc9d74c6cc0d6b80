package hitch.desk.mark;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Zeroing;
import hitch.core.eyes.LookHere;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.Rhythm;
import hitch.core.survey.Survey;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import hitch.desk.widget.Rope;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws everything on the there-and-back chart but the play head. */
final class ChartPainter {
    /** Where the upright pipe stands. */
    static final double PIPE_X = 76;

    static final double PIPE_WIDTH = 18;

    private static final Font MEASURE = Font.font("Spline Sans Mono", 11);
    static final Font TEXT = Font.font("Hanken Grotesk", 12);

    private final GraphicsContext g;
    private final Tones tones;
    private final Survey survey;
    private final ChartGeometry geometry;
    private final Collection<Rhythm> rhythms;

    ChartPainter(GraphicsContext g, Tones tones, Survey survey, ChartGeometry geometry, Collection<Rhythm> rhythms) {
        this.g = g;
        this.tones = tones;
        this.survey = survey;
        this.geometry = geometry;
        this.rhythms = rhythms;
    }

    /** @param looks places that stand out */
    void paint(FindingId selected, List<LookHere> looks) {
        g.setLineCap(javafx.scene.shape.StrokeLineCap.ROUND);
        g.setLineJoin(javafx.scene.shape.StrokeLineJoin.ROUND);
        axis();
        g.save();
        g.beginPath();
        g.rect(0, geometry.top() - 1, geometry.left() + geometry.width() + 2, geometry.height() + 2);
        g.clip();
        new UprightPipe(g, tones, survey, geometry, rhythms).paint();
        g.restore();
        g.save();
        g.beginPath();
        g.rect(geometry.left() - 12, 0, geometry.width() + 24, geometry.top() + geometry.height() + 14);
        g.clip();
        geometry.lanes().stream().filter(this::isInView).forEach(this::lane);
        looks.forEach(this::look);
        survey.noted().stream()
                .filter(f -> f.finding().kind().isToBeSeen())
                .forEach(f -> finding(f, f.finding().id().equals(selected)));
        g.restore();
    }

    private boolean isInView(ChartGeometry.Lane lane) {
        return lane.x() < geometry.left() + geometry.width() && lane.x() + lane.width() > geometry.left();
    }

    private boolean isInView(double x) {
        return x > geometry.left() - 12 && x < geometry.left() + geometry.width() + 12;
    }

    private void axis() {
        LengthUnit unit = survey.facts().unit();
        double length = geometry.stations().length().inFeet();
        boolean metres = unit == LengthUnit.METRES;
        double step = step(metres ? length * 0.3048 : length) * (metres ? 1000 : Distance.MM_PER_FOOT);
        g.setFont(MEASURE);
        g.setTextBaseline(VPos.CENTER);
        for (double at = Math.ceil(geometry.stations().from().mm() / step) * step;
                at <= geometry.stations().to().mm();
                at += step) {
            double y = geometry.y(at);
            boolean datum = Math.abs(at) < 1;
            g.setStroke(datum ? tones.soft() : tones.edge());
            g.setLineWidth(1);
            g.strokeLine(PIPE_X + PIPE_WIDTH + 4, y, geometry.left() + geometry.width(), y);
            g.setFill(tones.soft());
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(datum ? "opening" : unit.number(new Distance(Math.abs(Math.round(at)))), PIPE_X - 8, y);
        }
    }

    private static double step(double length) {
        for (double step : new double[] {1, 2, 5, 10, 20, 50, 100, 200}) {
            if (length / step <= 8) {
                return step;
            }
        }
        return 500;
    }

    private void lane(ChartGeometry.Lane lane) {
        g.setFont(TEXT);
        g.setFill(tones.soft());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BOTTOM);
        double nameAt = Math.max(lane.x(), geometry.left());
        g.fillText(lane.clip().fileName(), nameAt, geometry.top() - 6, Math.max(10, lane.x() + lane.width() - nameAt));
        g.setStroke(tones.edge());
        g.setLineWidth(1);
        g.strokeRect(lane.x(), geometry.top(), lane.width(), geometry.height());
        Optional<Run> run = survey.runOf(lane.clip().id());
        CounterTrace trace = survey.traces().get(lane.clip().id());
        if (run.isEmpty() || trace == null) {
            PipePaint.hatch(clipTo(lane), tones, lane.x(), geometry.top(), lane.width(), geometry.height());
            g.restore();
            label(lane, run.isEmpty() ? "on no run" : "no reading set");
            return;
        }
        StretchPainter stretches = new StretchPainter(g, tones, geometry, lane);
        stretches.bad(survey.stretchesOf(lane.clip().id()));
        stretches.doubtful(trace.unsettled());
        path(lane, run.get(), trace);
    }

    private GraphicsContext clipTo(ChartGeometry.Lane lane) {
        g.save();
        g.beginPath();
        g.rect(lane.x(), geometry.top(), lane.width(), geometry.height());
        g.clip();
        g.setGlobalAlpha(0.6);
        return g;
    }

    private void label(ChartGeometry.Lane lane, String text) {
        double width = Math.min(lane.width() - 4, text.length() * 6.4 + 12);
        g.setFill(tones.paper());
        g.fillRect(lane.x() + lane.width() / 2 - width / 2, geometry.top() + geometry.height() / 2 - 11, width, 22);
        g.setFill(tones.soft());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, lane.x() + lane.width() / 2, geometry.top() + geometry.height() / 2, lane.width() - 8);
    }

    private void path(ChartGeometry.Lane lane, Run run, CounterTrace trace) {
        g.setStroke(tones.path());
        g.setLineWidth(2.2);
        g.beginPath();
        // The ends are held: before the first and after the last mark the head is taken to stand.
        point(lane, run, lane.clip().firstPts(), trace.knots().getFirst().cable(), true);
        trace.knots().forEach(k -> point(lane, run, k.pts(), k.cable(), false));
        point(lane, run, lane.clip().endPts(), trace.knots().getLast().cable(), false);
        g.stroke();
        zeroings(lane, run, trace);
        g.setFill(tones.path());
        if (trace.isRead()) {
            // Read knots are too many to be told apart; the line is enough.
            return;
        }
        for (CounterTrace.Knot knot : trace.knots()) {
            double x = geometry.x(lane.clip().id(), knot.pts()).orElse(lane.x());
            double y = geometry.y(run.stationOf(knot.cable()).mm());
            g.fillOval(x - 1.8, y - 1.8, 3.6, 3.6);
        }
    }

    /** A tick through the path where the counter was set, with what it was set to. */
    private void zeroings(ChartGeometry.Lane lane, Run run, CounterTrace trace) {
        for (Zeroing zeroing : trace.zeroings()) {
            double x = geometry.x(lane.clip().id(), zeroing.pts()).orElse(lane.x());
            double y = geometry.y(run.stationOf(zeroing.cable().mm()).mm());
            g.setStroke(tones.ink());
            g.setLineWidth(1.5);
            g.strokeLine(x, y - 9, x, y + 9);
            g.setFont(MEASURE);
            g.setFill(tones.ink());
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.BOTTOM);
            g.fillText(survey.facts().unit().number(zeroing.shown()), x + 4, y - 2);
        }
    }

    private void point(ChartGeometry.Lane lane, Run run, long pts, double cable, boolean first) {
        double x = geometry.x(lane.clip().id(), pts).orElse(lane.x());
        double y = geometry.y(run.stationOf(cable).mm());
        if (first) {
            g.moveTo(x, y);
        } else {
            g.lineTo(x, y);
        }
    }

    private void finding(LocatedFinding found, boolean selected) {
        Optional<Double> x = geometry.x(
                found.finding().frame().clip(), found.finding().frame().pts());
        if (x.isEmpty() || !isInView(x.get())) {
            return;
        }
        Optional<Station> atFrame = survey.stationAt(found.finding().frame());
        double y = found.extent()
                .map(e -> geometry.y((e.from().mm() + e.to().mm()) / 2.0))
                .or(() -> atFrame.map(s -> geometry.y(s.mm())))
                .orElse(geometry.top() + geometry.height() * 0.8);
        found.extent().filter(e -> !e.isPoint()).ifPresent(e -> span(found, e, x.get()));
        double size = 8 + 2.2 * found.weight().knots();
        Color colour = selected ? tones.copper() : found.weight().knots() == 0 ? tones.soft() : tones.ink();
        if (selected) {
            g.setStroke(tones.copper());
            g.setLineWidth(1.5);
            g.strokeOval(x.get() - size, y - size, 2 * size, 2 * size);
        }
        if (found.weight().knots() == 0) {
            g.setStroke(colour);
            g.setLineWidth(1.6);
            g.setFill(tones.card());
            g.fillOval(x.get() - 4, y - 4, 8, 8);
            g.strokeOval(x.get() - 4, y - 4, 8, 8);
        } else {
            Rope.knot(g, x.get(), y, size, colour, tones.card());
        }
    }

    /** An open eye where something stands out. */
    private void look(LookHere look) {
        geometry.x(look.frame().clip(), look.frame().pts())
                .filter(this::isInView)
                .ifPresent(x -> EyeSign.paint(g, x, geometry.y(look.station().mm()), tones));
    }

    private void span(LocatedFinding found, Extent extent, double x) {
        boolean water = found.finding().kind().family() == FindingKind.Family.WATER;
        double from = geometry.y(extent.from().mm());
        double to = geometry.y(extent.to().mm());
        g.setFill((water ? tones.water() : tones.soft()).deriveColor(0, 1, 1, 0.75));
        g.fillRoundRect(x - 3, from, 6, to - from, 4, 4);
    }
}
