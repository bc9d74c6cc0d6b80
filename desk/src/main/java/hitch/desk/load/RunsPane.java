package hitch.desk.load;

import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Opening;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The runs: where the camera went in, which way, and what the counter read there. */
final class RunsPane extends VBox {
    private final Context desk;
    private final VBox rows = new VBox(8);
    private final Set<RunId> opened = new HashSet<>();

    RunsPane(Context desk) {
        this.desk = desk;
        setSpacing(8);
        Button down =
                Labels.button("Run toward the main", "", "Add a run with the flow", () -> addRun(Direction.WITH_FLOW));
        Button up = Labels.button(
                "Run toward the building", "", "Add a run against the flow", () -> addRun(Direction.AGAINST_FLOW));
        HBox top = new HBox(12, Labels.heading("Runs"), down, up);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, rows);
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (was == null
                    || !was.job().runs().equals(is.job().runs())
                    || was.job().clips() != is.job().clips()
                    || !was.survey().traces().equals(is.survey().traces())) {
                Typing.orOnceLeft(rows, this::fill);
            }
        });
        desk.theme().darkProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void addRun(Direction direction) {
        Job job = desk.work().now().job();
        String base = direction == Direction.WITH_FLOW ? "street run" : "building run";
        String name = base;
        for (int i = 2; nameTaken(job, name); i++) {
            name = base + " " + i;
        }
        Opening opening = job.runs().stream().map(Run::opening).findFirst().orElse(Opening.UNKNOWN);
        List<hitch.core.footage.ClipId> free = job.clips().stream()
                .map(c -> c.id())
                .filter(id -> job.runOf(id).isEmpty())
                .toList();
        // What is new is to be described.
        opened.add(new RunId(name.replace(' ', '-')));
        // A job's first run takes all clips: with one run there is nothing to choose between.
        desk.work()
                .apply(new Edit.PutRun(new Run(
                        new RunId(name.replace(' ', '-')),
                        name,
                        opening,
                        Station.DATUM,
                        direction,
                        Distance.ZERO,
                        job.runs().isEmpty() ? free : List.of())));
    }

    private static boolean nameTaken(Job job, String name) {
        return job.runs().stream()
                .anyMatch(r -> r.name().equals(name) || r.id().value().equals(name.replace(' ', '-')));
    }

    private void fill() {
        Job job = desk.work().now().job();
        rows.getChildren().setAll(job.runs().stream().map(this::row).toList());
        if (job.runs().isEmpty()) {
            rows.getChildren().add(Labels.of("No runs yet. A run gives its clips a station on the line.", "soft"));
        }
    }

    private Node row(Run run) {
        boolean open = opened.contains(run.id());
        return new RunCard(
                desk,
                run,
                open,
                () -> {
                    if (!opened.remove(run.id())) {
                        opened.add(run.id());
                    }
                    fill();
                },
                this::fill);
    }
}
