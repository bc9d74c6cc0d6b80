package hitch.desk.judge;

import hitch.core.judge.plan.Plan;
import hitch.core.judge.plan.Plan.Event;
import hitch.desk.Tones;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/** One plan on a line of thirty years: a tick for a visit, a spade's cut for digging, a bar where a life may end. */
final class PlanLine extends Region {
    private static final double HEIGHT = 66;
    private static final double MIDDLE = 22;
    private static final double SIDE = 12;

    private final Canvas canvas = new Canvas();
    private final Plan plan;
    private final Tones tones;

    PlanLine(Plan plan, Tones tones) {
        this.plan = plan;
        this.tones = tones;
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMinWidth(0);
        setAccessibleText(plan.kind().title() + ", " + plan.events().size() + " events over " + Plan.YEARS + " years");
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(HEIGHT);
        paint();
    }

    private double x(double years) {
        return SIDE + Math.min(years, Plan.YEARS) / Plan.YEARS * (canvas.getWidth() - 2 * SIDE);
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), HEIGHT);
        g.setStroke(tones.rope());
        g.setLineWidth(2.5);
        g.strokeLine(x(0), MIDDLE, x(Plan.YEARS), MIDDLE);
        g.setFont(Font.font("Spline Sans Mono", 11));
        g.setFill(tones.soft());
        g.fillText("now", x(0) - 8, HEIGHT - 4);
        for (int stop : Plan.STOPS) {
            g.setStroke(tones.edge());
            g.setLineWidth(1);
            g.strokeLine(x(stop), 4, x(stop), MIDDLE + 14);
            String text = "year " + stop;
            g.fillText(text, Math.min(x(stop) - 20, canvas.getWidth() - 52), HEIGHT - 4);
        }
        int bar = 0;
        for (Event event : plan.events()) {
            event(g, event, bar);
            bar += event.sort() == Event.Sort.END ? 1 : 0;
        }
    }

    private void event(GraphicsContext g, Event event, int bar) {
        double x = x(event.at().low());
        switch (event.sort()) {
            case VISIT -> {
                g.setStroke(tones.ink());
                g.setLineWidth(1.5);
                g.strokeLine(x, MIDDLE - 5, x, MIDDLE + 5);
            }
            case DIG -> {
                g.setFill(tones.ink());
                g.fillPolygon(new double[] {x - 7, x + 7, x}, new double[] {MIDDLE - 14, MIDDLE - 14, MIDDLE + 4}, 3);
            }
            case MEND -> {
                g.setFill(tones.ink());
                g.fillOval(x - 5, MIDDLE - 5, 10, 10);
            }
            case END -> {
                g.setFill(tones.soft().deriveColor(0, 1, 1, 0.35));
                g.fillRect(x, MIDDLE + 8 + 5 * bar, Math.max(4, x(event.at().high()) - x), 3);
            }
        }
    }
}
