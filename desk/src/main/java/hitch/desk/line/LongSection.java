package hitch.desk.line;

import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.Survey;
import hitch.core.line.Extent;
import hitch.core.line.PipeSpan;
import hitch.desk.Context;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import hitch.desk.widget.Rope;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The line from the building to the main, to scale along, with its findings hung from it as knots on a rope. */
final class LongSection extends Region {
    private static final double SIDE = 72;
    private static final double PIPE_Y = 112;
    private static final double PER_INCH = 13;

    private final Context desk;
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private final List<Hung> hung = new ArrayList<>();

    /** A finding and where its knot hangs. */
    private record Hung(LocatedFinding found, double x, double y) {}

    LongSection(Context desk) {
        this.desk = desk;
        getStyleClass().add("section");
        getChildren().add(canvas);
        setAccessibleText("Long section of the line from the building to the main");
        canvas.setOnMouseClicked(e -> at(e.getX(), e.getY()).ifPresent(desk::goTo));
        canvas.setOnMouseMoved(e -> {
            var found = at(e.getX(), e.getY());
            found.ifPresent(f -> {
                tip.setText(f.finding().phrase() + ", " + f.weight().word() + " because " + f.because());
                tip.show(canvas, e.getScreenX() + 12, e.getScreenY() + 12);
            });
            if (found.isEmpty()) {
                tip.hide();
            }
        });
        canvas.setOnMouseExited(e -> tip.hide());
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.selected().addListener((o, was, is) -> draw());
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
    }

    private java.util.Optional<LocatedFinding> at(double x, double y) {
        return hung.stream()
                .filter(h -> Math.hypot(h.x() - x, h.y() - y) < 12)
                .map(Hung::found)
                .findFirst();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        hung.clear();
        Survey survey = desk.work().now().survey();
        boolean laidOut = getWidth() > 3 * SIDE;
        if (survey.seen().isEmpty() || !laidOut) {
            return;
        }
        Tones tones = desk.theme().tones();
        Extent seen = survey.seen().get();
        double scale = (getWidth() - 2 * SIDE) / Math.max(1, seen.length().mm());
        java.util.function.DoubleUnaryOperator x =
                mm -> SIDE + (mm - seen.from().mm()) * scale;
        ends(g, tones, seen, x);
        double deepest = PIPE_Y;
        for (PipeSpan span : survey.spans()) {
            double from = x.applyAsDouble(span.extent().from().mm());
            double to = x.applyAsDouble(span.extent().to().mm());
            double height = span.size().map(s -> s.inches()).orElse(4) * PER_INCH;
            PipePaint.fill(g, span, tones, from, PIPE_Y, to - from, height, true);
            deepest = Math.max(deepest, PIPE_Y + height);
            g.setFont(Font.font("Hanken Grotesk SemiBold", 13));
            g.setFill(tones.ink());
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.BOTTOM);
            g.fillText(span.words(), (from + to) / 2, PIPE_Y - 8, Math.max(20, to - from - 8));
        }
        water(g, tones, survey, x);
        findings(g, tones, survey, x, deepest);
        scale(g, tones, seen, x, deepest + 10);
    }

    private void ends(GraphicsContext g, Tones tones, Extent seen, java.util.function.DoubleUnaryOperator x) {
        g.setFont(Font.font("Hanken Grotesk", 13));
        g.setFill(tones.soft());
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("building", 12, PIPE_Y + 26);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("main", getWidth() - 16, PIPE_Y + 26);
        double opening = x.applyAsDouble(0);
        if (seen.covers(new hitch.core.line.Station(0))) {
            g.setStroke(tones.ink());
            g.setLineWidth(3);
            g.strokeLine(opening, 30, opening, PIPE_Y);
            g.strokeLine(opening - 8, 30, opening + 8, 30);
            g.setFill(tones.ink());
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText("opening used", opening + 14, 34);
        }
    }

    private static void water(GraphicsContext g, Tones tones, Survey survey, java.util.function.DoubleUnaryOperator x) {
        for (LocatedFinding found : survey.findings()) {
            if (found.finding().kind().family() != FindingKind.Family.WATER
                    || found.extent().isEmpty()) {
                continue;
            }
            Extent e = found.extent().get();
            double height = survey.spans().stream()
                    .filter(s -> s.extent().covers(e.from()))
                    .findFirst()
                    .flatMap(PipeSpan::size)
                    .map(s -> s.inches() * PER_INCH)
                    .orElse(4 * PER_INCH);
            double depth = height * found.finding().traits().share().orElse(25) / 100.0;
            double from = x.applyAsDouble(e.from().mm());
            g.setFill(tones.water().deriveColor(0, 1, 1, 0.85));
            g.fillRect(from, PIPE_Y + height - depth, Math.max(3, x.applyAsDouble(e.to().mm()) - from), depth);
        }
    }

    private void scale(
            GraphicsContext g, Tones tones, Extent seen, java.util.function.DoubleUnaryOperator x, double y) {
        LengthUnit unit = desk.work().now().survey().facts().unit();
        double step = unit == LengthUnit.METRES ? 2000 : 5 * Distance.MM_PER_FOOT;
        g.setFont(Font.font("Spline Sans Mono", 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        for (double at = Math.ceil(seen.from().mm() / step) * step;
                at <= seen.to().mm();
                at += step) {
            double px = x.applyAsDouble(at);
            g.setStroke(tones.soft());
            g.setLineWidth(1);
            g.strokeLine(px, y, px, y + 5);
            String number = unit.number(new Distance(Math.abs(Math.round(at)))).replaceAll("\\.0+$", "");
            g.setFill(tones.card());
            g.fillRect(px - number.length() * 4.2, y + 6, number.length() * 8.4, 16);
            g.setFill(tones.soft());
            g.fillText(number, px, y + 8);
        }
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(unit.sign(), getWidth() - SIDE + 18, y + 8);
    }

    /** Knots below the pipe, each as low as it must be to clear its neighbour. */
    private void findings(
            GraphicsContext g, Tones tones, Survey survey, java.util.function.DoubleUnaryOperator x, double deepest) {
        double[] lanes = {-1e9, -1e9, -1e9, -1e9};
        double top = deepest + 62;
        for (LocatedFinding found : survey.findings()) {
            if (found.extent().isEmpty()) {
                continue;
            }
            Extent e = found.extent().get();
            double at = x.applyAsDouble((e.from().mm() + e.to().mm()) / 2.0);
            String words = found.finding().kind().word();
            double half = words.length() * 3.6 + 10;
            int lane = 0;
            while (lane < lanes.length - 1 && at - half < lanes[lane]) {
                lane++;
            }
            lanes[lane] = at + half;
            double y = top + lane * 42;
            boolean chosen = found.finding().id().equals(desk.selected().get());
            g.setStroke(chosen ? tones.copper() : tones.rope());
            g.setLineWidth(1.4);
            g.strokeLine(at, deepest + 2, at, y);
            if (found.weight().knots() == 0) {
                g.setFill(tones.card());
                g.fillOval(at - 5, y - 5, 10, 10);
                g.setStroke(chosen ? tones.copper() : tones.soft());
                g.strokeOval(at - 5, y - 5, 10, 10);
            } else {
                Rope.knot(
                        g, at, y, 10 + 2 * found.weight().knots(), chosen ? tones.copper() : tones.ink(), tones.card());
            }
            g.setFont(Font.font("Hanken Grotesk", 12));
            g.setFill(tones.ink());
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.TOP);
            g.fillText(words, Math.clamp(at, half, getWidth() - half), y + 11);
            hung.add(new Hung(found, at, y));
        }
    }
}
