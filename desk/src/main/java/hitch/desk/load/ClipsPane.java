package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.Run;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.media.Progress;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** The clips of the visit; files can be dropped here. */
final class ClipsPane extends VBox {
    private static final String NO_RUN = "above ground";

    private final Context desk;
    private final VBox rows = new VBox(4);

    ClipsPane(Context desk) {
        this.desk = desk;
        setSpacing(8);
        Button add = Labels.button("Add clips", "", "Add footage files", this::choose);
        HBox top = new HBox(
                12, Labels.heading("Clips"), add, Labels.of("or drop files here; they are never changed", "soft"));
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, rows);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        setOnDragDropped(e -> {
            add(e.getDragboard().getFiles());
            e.setDropCompleted(true);
            e.consume();
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Add footage");
        List<File> files = chooser.showOpenMultipleDialog(getScene().getWindow());
        if (files != null) {
            add(files);
        }
    }

    /** Takes in files one after another; one that cannot be read is named and the others still come in. */
    void add(List<File> files) {
        for (File file : files.stream().sorted().toList()) {
            desk.work().notices().say("Reading " + file.getName() + "…");
            desk.work()
                    .inBackground(
                            () -> desk.work()
                                    .footage()
                                    .takeIn(file.toPath(), desk.work().folder().job(), Progress.NONE),
                            clip -> {
                                desk.work().apply(new Edit.PutClip(clip));
                                desk.work()
                                        .notices()
                                        .say(clip.fileName() + " was added: " + clip.frames() + " frames.");
                                if (desk.player().clipProperty().get() == null) {
                                    desk.player().seek(clip, 0);
                                }
                            });
        }
    }

    private void fill() {
        List<Node> made = new ArrayList<>();
        Job job = desk.work().now().job();
        job.clips().forEach(c -> made.add(row(c, job)));
        if (made.isEmpty()) {
            Label empty = Labels.of("No clips yet. Drop the camera's files here, or press Add clips.", "empty-drop");
            empty.setMaxWidth(Double.MAX_VALUE);
            made.add(empty);
        }
        rows.getChildren().setAll(made);
    }

    private Node row(Clip clip, Job job) {
        Label name = Labels.of(clip.fileName(), "strong");
        Label facts = Labels.of(
                String.format(
                        Locale.ROOT,
                        "%d:%02d   %d x %d   %s   %s",
                        (int) clip.seconds() / 60,
                        (int) clip.seconds() % 60,
                        clip.width(),
                        clip.height(),
                        clip.sound() ? "sound" : "no sound",
                        clip.sha256().substring(0, 12)),
                "measure",
                "soft");
        int marks = job.marksOf(clip.id()).size();
        boolean onRun = job.runOf(clip.id()).isPresent();
        Label counter = Labels.of(onRun ? marks == 0 ? "counter not set" : marks + " readings" : "", "soft");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button show = Labels.button(
                "Show",
                "",
                "Show " + clip.fileName() + " on Mark",
                () -> desk.player().seek(clip, 0));
        Button leave = Labels.button(
                "Leave out",
                "",
                "Leave out " + clip.fileName(),
                () -> desk.work().apply(new Edit.LeaveOutClip(clip.id())));
        VBox words = new VBox(2, name, facts);
        HBox row = new HBox(12, words, gap, counter, runChoice(clip, job), show, leave);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        return row;
    }

    private ComboBox<String> runChoice(Clip clip, Job job) {
        ComboBox<String> choice = new ComboBox<>();
        choice.getItems().add(NO_RUN);
        job.runs().forEach(r -> choice.getItems().add(r.name()));
        choice.setValue(job.runOf(clip.id()).map(Run::name).orElse(NO_RUN));
        choice.setAccessibleText("Run of " + clip.fileName());
        choice.setPrefWidth(150);
        choice.setOnAction(e -> assign(clip.id(), choice.getValue()));
        return choice;
    }

    private void assign(ClipId clip, String runName) {
        Job job = desk.work().now().job();
        for (Run run : job.runs()) {
            boolean wanted = run.name().equals(runName);
            boolean has = run.clips().contains(clip);
            if (wanted != has) {
                List<ClipId> ids = new ArrayList<>(run.clips());
                ids.remove(clip);
                if (wanted) {
                    ids.add(clip);
                }
                desk.work()
                        .apply(new Edit.PutRun(new Run(
                                run.id(), run.name(), run.opening(), run.start(), run.direction(), run.datum(), ids)));
            }
        }
    }
}
