package hitch.desk.record;

import hitch.desk.Theme;
import hitch.desk.Tones;
import hitch.media.voice.Sound;
import java.util.function.BiConsumer;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;

/** A recording drawn as its loudness, with the stretch of it that is used between two handles. */
final class WaveView extends Pane {
    private static final double HIGH = 96;
    /** How near to a handle the hand takes hold of it, pixels. */
    private static final double GRIP = 14;
    /** Seconds that a key moves a handle. */
    private static final double STEP = 0.05;
    /** The least that is used, seconds. */
    private static final double LEAST = 0.2;

    private final Theme theme;
    private final BiConsumer<Double, Double> trimmed;
    private final Canvas canvas = new Canvas();
    private float[] peaks = new float[0];
    private double seconds = 1;
    private double from;
    private double to = 1;
    private boolean first = true;
    private boolean held;

    /**
     * @param trimmed told the seconds that are used, once a handle was let go
     */
    WaveView(Theme theme, BiConsumer<Double, Double> trimmed) {
        this.theme = theme;
        this.trimmed = trimmed;
        setId("wave");
        setMinHeight(HIGH);
        setPrefHeight(HIGH);
        setFocusTraversable(true);
        setAccessibleText("The recording; arrows move where it begins, with Shift where it ends");
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        getChildren().add(canvas);
        widthProperty().addListener((o, was, is) -> draw());
        heightProperty().addListener((o, was, is) -> draw());
        focusedProperty().addListener((o, was, is) -> draw());
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            held = Math.min(Math.abs(e.getX() - x(from)), Math.abs(e.getX() - x(to))) < GRIP;
            first = Math.abs(e.getX() - x(from)) <= Math.abs(e.getX() - x(to));
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (held) {
                put(e.getX() / getWidth() * seconds);
            }
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            if (held) {
                trimmed.accept(from, to);
            }
            held = false;
            e.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            int way = e.getCode() == KeyCode.LEFT ? -1 : e.getCode() == KeyCode.RIGHT ? 1 : 0;
            if (way != 0) {
                first = !e.isShiftDown();
                put((first ? from : to) + way * STEP);
                trimmed.accept(from, to);
                e.consume();
            }
        });
    }

    /** Shows a recording and what is used of it. */
    void show(Sound sound, double begin, double end) {
        seconds = Math.max(0.1, sound.seconds());
        peaks = new float[600];
        for (int i = 0; i < sound.samples().length; i++) {
            int at = (int) ((long) i * peaks.length / sound.samples().length);
            peaks[at] = Math.max(peaks[at], Math.abs(sound.samples()[i]));
        }
        from = begin;
        to = end;
        draw();
    }

    private void put(double at) {
        if (first) {
            from = Math.clamp(at, 0, to - LEAST);
        } else {
            to = Math.clamp(at, from + LEAST, seconds);
        }
        draw();
    }

    private double x(double second) {
        return second / seconds * getWidth();
    }

    private void draw() {
        if (getWidth() < 2 * GRIP || getHeight() < GRIP) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        Tones tones = theme.tones();
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setFill(tones.card());
        g.fillRect(0, 0, getWidth(), getHeight());
        double middle = getHeight() / 2;
        double most = 0.05;
        for (float p : peaks) {
            most = Math.max(most, p);
        }
        for (int i = 0; i < peaks.length; i++) {
            double at = (i + 0.5) / peaks.length * seconds;
            double high = Math.max(1, peaks[i] / most * (middle - 6));
            g.setFill(at >= from && at <= to ? tones.path() : tones.edge());
            g.fillRect(x((double) i / peaks.length * seconds), middle - high, getWidth() / peaks.length, 2 * high);
        }
        if (peaks.length > 0) {
            handle(g, x(from), tones);
            handle(g, x(to), tones);
        }
        if (isFocused()) {
            g.setStroke(tones.copper());
            g.setLineWidth(2);
            g.strokeRect(1, 1, getWidth() - 2, getHeight() - 2);
        }
    }

    private void handle(GraphicsContext g, double x, Tones tones) {
        double at = Math.clamp(x, 2, getWidth() - 2);
        g.setFill(tones.ink());
        g.fillRect(at - 1.5, 0, 3, getHeight());
        g.fillRoundRect(at - 5, getHeight() / 2 - 10, 10, 20, 4, 4);
    }
}
