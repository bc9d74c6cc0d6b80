package hitch.desk.line;

import hitch.core.counter.LengthUnit;
import hitch.core.finding.FindingKind;
import hitch.core.judge.Survey;
import hitch.core.line.PipeSpan;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The long section, and what it adds up to. */
public final class LineBench implements Bench {
    private final Context desk;
    private final VBox root = new VBox();
    private final HBox figures = new HBox(56);

    public LineBench(Context desk) {
        this.desk = desk;
        LongSection section = new LongSection(desk);
        VBox.setVgrow(section, Priority.ALWAYS);
        section.setMinHeight(396);
        section.setMaxHeight(396);
        figures.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(figures);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        root.getChildren().addAll(section, scroll);
        root.getStyleClass().add("bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void fill() {
        Survey survey = desk.work().now().survey();
        LengthUnit unit = survey.facts().unit();
        GridPane pipe = grid();
        int row = 0;
        for (PipeSpan span : survey.spans()) {
            pipe.addRow(
                    row++,
                    Labels.of(span.words(), "strong"),
                    Labels.of(unit.show(span.length()), "measure"),
                    Labels.of(span.extent().show(unit), "soft"));
        }
        if (survey.spans().isEmpty()) {
            pipe.addRow(0, Labels.of("Set the counter on Mark, and the pipe appears here.", "soft"));
        }
        GridPane sums = grid();
        row = 0;
        if (survey.seen().isPresent()) {
            sums.addRow(
                    row++,
                    Labels.of("Pipe seen", "strong"),
                    Labels.of(unit.show(survey.seen().get().length()), "measure"));
        }
        for (var entry : survey.lengths().entrySet()) {
            sums.addRow(
                    row++, Labels.of(entry.getKey().word(), "soft"), Labels.of(unit.show(entry.getValue()), "measure"));
        }
        sums.addRow(
                row++, Labels.of("Standing water", "strong"), Labels.of(unit.show(survey.standingWater()), "measure"));
        VBox limits = new VBox(6);
        limits.getChildren().add(Labels.heading("Not seen"));
        survey.facts().notExamined().forEach(n -> limits.getChildren().add(wrapped(n)));
        survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.LIMIT)
                .forEach(f -> limits.getChildren()
                        .add(wrapped("Past " + f.extent().map(e -> e.show(unit)).orElse("an unknown station") + ": "
                                + f.finding().remark())));
        limits.getChildren().add(Labels.of("Whose pipe it is beyond a boundary: check locally.", "soft"));
        figures.getChildren()
                .setAll(
                        new VBox(8, Labels.heading("The pipe"), pipe),
                        new VBox(8, Labels.heading("Lengths"), sums),
                        limits);
    }

    private static javafx.scene.control.Label wrapped(String text) {
        var label = Labels.of(text);
        label.setWrapText(true);
        label.setMaxWidth(340);
        return label;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(20);
        grid.setVgap(6);
        return grid;
    }

    @Override
    public String title() {
        return "Line";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        return now.survey()
                .seen()
                .map(s -> now.survey().facts().unit().show(s.length()))
                .orElse("");
    }
}
