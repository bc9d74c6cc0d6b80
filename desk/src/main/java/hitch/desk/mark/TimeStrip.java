package hitch.desk.mark;

import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Clip;
import hitch.desk.Context;
import hitch.desk.play.Loop;
import hitch.desk.play.Player;
import hitch.desk.widget.Film;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** Pictures along the clip's time; dragging over them scrubs. */
final class TimeStrip extends Region {
    private static final double MARGIN = 20;
    private static final double HEIGHT = 40;

    private final Context desk;
    private final Player player;
    private final Film film = new Film();
    private final Canvas base = new Canvas();
    private final Canvas head = new Canvas();
    private Clip drawn;

    TimeStrip(Context desk) {
        this.desk = desk;
        this.player = desk.player();
        setId("time");
        setMinHeight(HEIGHT + 8);
        setPrefHeight(HEIGHT + 8);
        setMaxHeight(HEIGHT + 8);
        setAccessibleText("Time in the clip; drag to scrub");
        head.setMouseTransparent(true);
        getChildren().addAll(base, head);
        base.setOnMousePressed(this::scrub);
        base.setOnMouseDragged(this::scrub);
        base.setOnMouseReleased(e -> {
            if (drawn != null) {
                player.seek(drawn, secondsAt(e.getX()));
            }
        });
        player.shownProperty().addListener((o, was, is) -> {
            if (is != null && !is.clip().equals(drawn)) {
                draw();
            }
            drawHead();
        });
        player.loopProperty().addListener((o, was, is) -> drawHead());
        desk.work().snapshotProperty().addListener((o, was, is) -> draw());
        desk.work().clips().states().addListener((javafx.collections.MapChangeListener<Object, Object>) c -> draw());
        desk.theme().darkProperty().addListener((o, was, is) -> draw());
    }

    @Override
    protected void layoutChildren() {
        for (Canvas layer : new Canvas[] {base, head}) {
            layer.setWidth(getWidth());
            layer.setHeight(getHeight());
        }
        draw();
    }

    private double secondsAt(double x) {
        double share = Math.clamp((x - MARGIN) / Math.max(1, getWidth() - 2 * MARGIN), 0, 1);
        return share * drawn.seconds();
    }

    private double xAt(double seconds) {
        return MARGIN + (getWidth() - 2 * MARGIN) * Math.clamp(seconds / drawn.seconds(), 0, 1);
    }

    private void scrub(MouseEvent e) {
        if (drawn != null) {
            player.scrub(drawn, secondsAt(e.getX()));
        }
    }

    private void draw() {
        GraphicsContext g = base.getGraphicsContext2D();
        g.clearRect(0, 0, base.getWidth(), base.getHeight());
        drawn = player.clipProperty().get();
        if (drawn == null || getWidth() < 4 * MARGIN) {
            return;
        }
        film.show(desk.work().footage().shelf().film(drawn), this::draw);
        Film.Rect at = new Film.Rect(MARGIN, 4, getWidth() - 2 * MARGIN, HEIGHT);
        film.draw(
                g, desk.theme().tones(), drawn, desk.work().clips().state(drawn).stretches(), at);
        g.setStroke(desk.theme().tones().copper());
        g.setLineWidth(2);
        for (AdjustedSpan span :
                desk.work().now().job().adjustmentsOf(drawn.id()).spans()) {
            double from = xAt(drawn.secondsInto(span.fromPts()));
            double to = xAt(drawn.secondsInto(span.toPts()));
            g.strokeLine(from, 3, to, 3);
            g.strokeLine(from, 3, from, 8);
            g.strokeLine(to, 3, to, 8);
        }
        drawHead();
    }

    private void drawHead() {
        GraphicsContext g = head.getGraphicsContext2D();
        g.clearRect(0, 0, head.getWidth(), head.getHeight());
        Player.Frame shown = player.shownProperty().get();
        if (shown == null || drawn == null || !shown.clip().equals(drawn)) {
            return;
        }
        Loop loop = player.loopProperty().get();
        if (loop != null && loop.clip().equals(drawn.id())) {
            double from = xAt(loop.from());
            double to = loop.isWhole() ? xAt(loop.to()) : xAt(shown.seconds());
            g.setFill(desk.theme().tones().copper().deriveColor(0, 1, 1, 0.35));
            g.fillRect(from, 4, Math.max(2, to - from), HEIGHT);
        }
        double x = xAt(shown.seconds());
        g.setStroke(desk.theme().tones().copper());
        g.setLineWidth(2);
        g.strokeLine(x, 1, x, HEIGHT + 7);
        g.setFill(desk.theme().tones().copper());
        g.fillOval(x - 4.5, HEIGHT - 1, 9, 9);
    }
}
