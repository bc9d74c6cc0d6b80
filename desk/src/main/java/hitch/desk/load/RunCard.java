package hitch.desk.load;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.Clip;
import hitch.core.run.Run;
import hitch.core.survey.RunWords;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.Tones;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One run as a card: its facts in a sentence, the path of its camera, and its form when somebody opens it. */
final class RunCard extends VBox {
    private static final double PATH_WIDTH = 184;
    private static final double PATH_HEIGHT = 48;
    private static final double EDGE = 4;

    private final Canvas path = new Canvas(PATH_WIDTH, PATH_HEIGHT);

    /**
     * @param open whether its form is shown
     * @param toggle shows or hides it
     * @param again what to do when something typed is not taken
     */
    RunCard(Context desk, Run run, boolean open, Runnable toggle, Runnable again) {
        super(10);
        getStyleClass().add("card");
        Survey survey = desk.work().now().survey();
        Label facts = Labels.of(RunWords.facts(survey, run));
        facts.setWrapText(true);
        VBox words = new VBox(2, Labels.of(run.name(), "strong"), facts);
        RunWords.open(survey, run).ifPresent(o -> {
            Label still = Labels.of(o, "soft");
            still.setWrapText(true);
            words.getChildren().add(still);
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setAlignment(Pos.CENTER_LEFT);
        ToggleButton more = new ToggleButton(open ? "Close" : "Change");
        more.setSelected(open);
        more.setId("change-" + run.id().value());
        more.setMinWidth(USE_PREF_SIZE);
        more.setAccessibleText("Change " + run.name());
        more.setOnAction(e -> toggle.run());
        path.setAccessibleText("Path of the camera on " + run.name());
        HBox top = new HBox(16, words, path, more);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(top);
        if (open) {
            getChildren().add(new RunForm(desk, run, again));
        }
        draw(desk, survey, run);
    }

    /** Out is down, back is up; each clip follows the one before. */
    private void draw(Context desk, Survey survey, Run run) {
        Tones tones = desk.theme().tones();
        GraphicsContext g = path.getGraphicsContext2D();
        g.clearRect(0, 0, PATH_WIDTH, PATH_HEIGHT);
        List<Clip> clips =
                run.clips().stream().flatMap(c -> survey.clip(c).stream()).toList();
        double seconds = clips.stream().mapToDouble(Clip::seconds).sum();
        long deepest = clips.stream()
                .map(c -> survey.traces().get(c.id()))
                .filter(t -> t != null)
                .flatMap(t -> t.knots().stream())
                .mapToLong(CounterTrace.Knot::cable)
                .max()
                .orElse(0);
        g.setStroke(tones.edge());
        g.setLineWidth(1);
        g.strokeLine(EDGE, EDGE + 0.5, PATH_WIDTH - EDGE, EDGE + 0.5);
        if (deepest <= 0 || seconds <= 0) {
            return;
        }
        g.setStroke(tones.path());
        g.setLineWidth(1.75);
        double begun = 0;
        for (Clip clip : clips) {
            CounterTrace trace = survey.traces().get(clip.id());
            if (trace != null) {
                double from = begun;
                double[] x = trace.knots().stream()
                        .mapToDouble(k -> EDGE + (PATH_WIDTH - 2 * EDGE) * (from + clip.secondsInto(k.pts())) / seconds)
                        .toArray();
                double[] y = trace.knots().stream()
                        .mapToDouble(k -> EDGE + (PATH_HEIGHT - 2 * EDGE) * Math.max(0, k.cable()) / deepest)
                        .toArray();
                g.strokePolyline(x, y, x.length);
            }
            begun += clip.seconds();
        }
    }
}
