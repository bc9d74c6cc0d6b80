package hitch.desk.judge;

import hitch.core.finding.LocatedFinding;
import hitch.core.judge.ask.Ask;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.desk.Tones;
import hitch.desk.widget.PipePaint;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The pipe that an ask is about, with its findings and the stretch that is worked on; the stretch's ends can be drawn. */
final class AskStrip extends Region {
    private static final double HEIGHT = 62;
    private static final double PIPE_TOP = 22;
    private static final double PIPE = 16;
    private static final double SIDE = 10;
    private static final double GRIP = 9;

    private final Canvas canvas = new Canvas();
    private final Survey survey;
    private final Ask ask;
    private final Tones tones;
    private final Way way;
    private final Consumer<Extent> keep;
    private Extent shown;
    private boolean drawsFrom;
    private boolean drawsTo;

    private AskStrip(Survey survey, Ask ask, Tones tones, Way way, Extent shown, Consumer<Extent> keep) {
        this.survey = survey;
        this.ask = ask;
        this.tones = tones;
        this.way = way;
        this.shown = shown;
        this.keep = keep;
        setId("ask-strip");
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMinWidth(0);
        setAccessibleText("The pipe, with the stretch "
                + survey.line().place(way.name(), shown, survey.facts().unit()).all());
        canvas.setOnMouseMoved(e -> canvas.setCursor(grips(e.getX()) ? Cursor.H_RESIZE : Cursor.DEFAULT));
        canvas.setOnMousePressed(this::press);
        canvas.setOnMouseDragged(this::drag);
        canvas.setOnMouseReleased(e -> release());
    }

    /** The strip of an ask; empty where it has no place on a known pipe. */
    static Optional<AskStrip> of(Survey survey, Ask ask, Tones tones, Consumer<Extent> keep) {
        Optional<Extent> extent = ask.remedy().flatMap(r -> r.extent());
        return extent.flatMap(e -> survey.line()
                .way(ask.remedy().get().branch())
                .filter(w -> w.whole().length().mm() > 0)
                .map(w -> new AskStrip(survey, ask, tones, w, e, keep)));
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(HEIGHT);
        paint();
    }

    private double x(Station at) {
        double share = (double) (at.mm() - way.whole().from().mm())
                / way.whole().length().mm();
        return SIDE + share * (canvas.getWidth() - 2 * SIDE);
    }

    private Station at(double x) {
        double share = Math.clamp((x - SIDE) / (canvas.getWidth() - 2 * SIDE), 0, 1);
        return new Station(Math.round(
                way.whole().from().mm() + share * way.whole().length().mm()));
    }

    private boolean grips(double x) {
        return Math.abs(x - x(shown.from())) < GRIP || Math.abs(x - x(shown.to())) < GRIP;
    }

    private void press(MouseEvent e) {
        double from = Math.abs(e.getX() - x(shown.from()));
        double to = Math.abs(e.getX() - x(shown.to()));
        drawsFrom = from < GRIP && from <= to;
        drawsTo = !drawsFrom && to < GRIP;
    }

    private void drag(MouseEvent e) {
        if (drawsFrom) {
            shown = Extent.between(at(e.getX()), shown.to());
        } else if (drawsTo) {
            shown = Extent.between(shown.from(), at(e.getX()));
        }
        paint();
    }

    private void release() {
        if (drawsFrom || drawsTo) {
            drawsFrom = false;
            drawsTo = false;
            keep.accept(shown);
        }
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), HEIGHT);
        for (PipeSpan span : way.spans()) {
            double x = x(span.extent().from());
            PipePaint.fill(
                    g, span, tones, x, PIPE_TOP, Math.max(1, x(span.extent().to()) - x), PIPE, true);
        }
        List<LocatedFinding> findings =
                ask.matters().stream().flatMap(m -> m.all().stream()).toList();
        g.setStroke(tones.ink());
        g.setLineWidth(2);
        for (LocatedFinding found : findings) {
            found.extent().ifPresent(e -> {
                double middle = x(e.middle());
                if (e.isPoint()) {
                    g.strokeLine(middle, PIPE_TOP - 6, middle, PIPE_TOP + PIPE);
                } else {
                    g.strokeLine(x(e.from()), PIPE_TOP - 4, x(e.to()), PIPE_TOP - 4);
                }
            });
        }
        double from = x(shown.from());
        double to = x(shown.to());
        g.setFill(tones.copper().deriveColor(0, 1, 1, 0.22));
        g.fillRect(from, PIPE_TOP - 2, to - from, PIPE + 4);
        g.setStroke(tones.copper());
        g.setLineWidth(2.5);
        g.strokeLine(from, PIPE_TOP - 8, from, PIPE_TOP + PIPE + 8);
        g.strokeLine(to, PIPE_TOP - 8, to, PIPE_TOP + PIPE + 8);
        words(g, from, to);
    }

    private void words(GraphicsContext g, double from, double to) {
        g.setFont(javafx.scene.text.Font.font("Spline Sans Mono", 12));
        g.setFill(tones.ink());
        String length = shown.isPoint() ? "" : "  ·  " + survey.facts().unit().show(shown.length());
        String text =
                survey.line().place(way.name(), shown, survey.facts().unit()).all() + length;
        double width = text.length() * 7.3;
        double x = Math.clamp((from + to) / 2 - width / 2, SIDE, Math.max(SIDE, canvas.getWidth() - SIDE - width));
        g.fillText(text, x, HEIGHT - 4);
    }
}
