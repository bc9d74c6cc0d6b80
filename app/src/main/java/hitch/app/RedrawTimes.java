package hitch.app;

import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.View;
import hitch.core.survey.Survey;
import hitch.desk.Tones;
import hitch.desk.line.SketchPainter;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import javafx.application.Platform;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.WritableImage;

/** How long the long section takes to draw anew while it is zoomed and dragged, without a screen. */
public final class RedrawTimes {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 420;
    private static final int FRAMES = 180;
    private static final double BUDGET_MS = 1000.0 / 60;

    private RedrawTimes() {}

    /** Draws on the toolkit's thread, which is started for it and ended with it. */
    public static void run(Survey survey, LongSupplier nanos, Consumer<String> say) {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.startup(() -> {
            try {
                draw(survey, nanos, say);
                done.complete(null);
            } catch (RuntimeException e) {
                done.completeExceptionally(e);
            }
        });
        done.join();
        Platform.exit();
    }

    private static void draw(Survey survey, LongSupplier nanos, Consumer<String> say) {
        Canvas canvas = new Canvas(WIDTH, HEIGHT);
        new Scene(new Group(canvas), WIDTH, HEIGHT);
        SketchPainter painter = new SketchPainter();
        WritableImage screen = new WritableImage((int) WIDTH, (int) HEIGHT);
        View whole = SectionSketch.all(survey, WIDTH).orElseThrow();
        View view = whole;
        double[] times = new double[FRAMES];
        for (int i = 0; i < 2 * FRAMES; i++) {
            view = i % 60 == 0
                    ? whole
                    : i % 60 < 30 ? view.zoomed(1.15, WIDTH / 3, whole.shown()) : view.moved(25, whole.shown());
            long start = nanos.getAsLong();
            Sketch sketch = SectionSketch.draw(survey, view, Optional.empty(), HEIGHT);
            painter.paint(canvas.getGraphicsContext2D(), sketch, Tones.LIGHT);
            canvas.snapshot(null, screen);
            times[i % FRAMES] = (nanos.getAsLong() - start) / 1e6;
        }
        Arrays.sort(times);
        say.accept(String.format(
                Locale.ROOT,
                "the long section drawn anew: %.1f ms in the middle, %.1f ms at the 95th of 100; %.2f and %.2f of a frame at 60 a second",
                times[FRAMES / 2],
                times[FRAMES * 95 / 100],
                times[FRAMES / 2] / BUDGET_MS,
                times[FRAMES * 95 / 100] / BUDGET_MS));
    }
}
