package hitch.desk.load;

import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.Direction;
import hitch.core.line.Material;
import hitch.core.line.Opening;
import hitch.core.line.PipeSize;
import hitch.core.line.Run;
import hitch.core.line.RunId;
import hitch.core.line.Station;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The runs: where the camera went in, which way, and what the counter read there. */
final class RunsPane extends VBox {
    private final Context desk;
    private final VBox rows = new VBox(12);

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
                    || was.job().clips() != is.job().clips()) {
                fill();
            }
        });
        fill();
    }

    private void addRun(Direction direction) {
        Job job = desk.work().now().job();
        String base = direction == Direction.WITH_FLOW ? "street run" : "building run";
        String name = base;
        for (int i = 2; nameTaken(job, name); i++) {
            name = base + " " + i;
        }
        Opening opening = job.runs().stream()
                .map(Run::opening)
                .findFirst()
                .orElse(new Opening("cleanout", "", Material.CLAY, new PipeSize(4)));
        List<hitch.core.footage.ClipId> free = job.clips().stream()
                .map(c -> c.id())
                .filter(id -> job.runOf(id).isEmpty())
                .toList();
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
        LengthUnit unit = desk.work().now().survey().facts().unit();
        FlowPane fields = new FlowPane(16, 8);
        Opening o = run.opening();
        fields.getChildren()
                .addAll(
                        text("Name", run.name(), 130, t -> change(run, r -> named(r, t))),
                        text(
                                "Opening used",
                                o.kind(),
                                160,
                                t -> opening(run, new Opening(t, o.place(), o.material(), o.size()))),
                        text(
                                "Where",
                                o.place(),
                                240,
                                t -> opening(run, new Opening(o.kind(), t, o.material(), o.size()))),
                        choice(
                                "Direction",
                                List.of(Direction.values()),
                                run.direction(),
                                Direction::toward,
                                d -> change(run, r -> r.going(d))),
                        choice(
                                "Pipe there",
                                List.of(Material.values()),
                                o.material(),
                                Material::word,
                                m -> opening(run, new Opening(o.kind(), o.place(), m, o.size()))),
                        choice(
                                "Size",
                                List.of(2, 3, 4, 5, 6, 8, 10, 12),
                                o.size().inches(),
                                i -> i + " in",
                                i -> opening(run, new Opening(o.kind(), o.place(), o.material(), new PipeSize(i)))),
                        text("Counter at the opening", unit.number(run.datum()), 90, t -> datum(run, t)));
        VBox box = new VBox(8, fields);
        box.getStyleClass().add("card");
        return box;
    }

    private static Run named(Run r, String name) {
        return r.named(name);
    }

    private void opening(Run run, Opening opening) {
        change(run, r -> r.from(opening));
    }

    private void datum(Run run, String typed) {
        Optional<Distance> read = desk.work().now().survey().facts().unit().read(typed);
        if (read.isEmpty()) {
            desk.work().notices().say("\"" + typed + "\" is not a distance; the run was left as it was.");
            fill();
            return;
        }
        change(run, r -> r.counting(read.get(), r.zero()));
    }

    private void change(Run run, UnaryOperator<Run> how) {
        Run changed = how.apply(run);
        if (!changed.equals(run)) {
            desk.work().apply(new Edit.PutRun(changed));
        }
    }

    private static Node text(String label, String value, double width, java.util.function.Consumer<String> keep) {
        TextField field = new TextField(value);
        field.setPrefWidth(width);
        field.setAccessibleText(label);
        field.setOnAction(e -> keep.accept(field.getText().strip()));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && !field.getText().strip().equals(value)) {
                keep.accept(field.getText().strip());
            }
        });
        return new VBox(2, Labels.of(label, "field-label"), field);
    }

    private static <T> Node choice(
            String label,
            List<T> all,
            T value,
            java.util.function.Function<T, String> words,
            java.util.function.Consumer<T> keep) {
        ComboBox<T> box = new ComboBox<>();
        box.getItems().setAll(all);
        box.setValue(value);
        box.setAccessibleText(label);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T item) {
                return item == null ? "" : words.apply(item);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        });
        box.setOnAction(e -> keep.accept(box.getValue()));
        return new VBox(2, Labels.of(label, "field-label"), box);
    }
}
