package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import java.io.File;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.collections.MapChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;

/** The clips of the visit in order; files and folders can be dropped here. */
final class ClipsPane extends VBox implements DropTarget {
    private final Context desk;
    private final VBox rows = new VBox(6);
    private final Map<ClipId, ClipRow> made = new LinkedHashMap<>();
    private final ClipIntake intake;
    private final TakeInTask reading;

    ClipsPane(Context desk, NoteReader reader) {
        this.desk = desk;
        setSpacing(8);
        setId("clips-pane");
        Button add = Labels.button("Add clips", "", "Add footage files and photographs", this::choose);
        Button folder =
                Labels.button("Add a folder", "", "Add all footage and photographs in a folder", this::chooseFolder);
        Label hint = Labels.of("or drop files or a folder here; they are never changed", "soft");
        Button read = Labels.button("Read clips", Act.READ_CLIPS.key(), Act.READ_CLIPS.words(), this::read);
        read.setId("read-clips");
        read.managedProperty().bind(read.visibleProperty());
        reading = new TakeInTask(desk, reader, on -> read.setDisable(on));
        FlowPane top = new FlowPane(12, 4, Labels.heading("Clips"), add, folder, read, hint);
        top.setRowValignment(javafx.geometry.VPos.CENTER);
        Label doing = Labels.of("", "soft");
        doing.setId("intake");
        doing.managedProperty().bind(doing.textProperty().isNotEmpty());
        intake = new ClipIntake(desk, doing::setText, this::cameIn);
        getChildren().addAll(top, doing, rows);
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
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            fill();
            offer(read);
        });
        offer(read);
        desk.work().clips().states().addListener((MapChangeListener<ClipId, Object>) c -> {
            ClipRow row = made.get(c.getKey());
            if (row != null) {
                row.update();
            }
        });
        fill();
    }

    /** The firm may rather be asked. */
    private void cameIn(List<Clip> fresh) {
        if (desk.work().firm().profileProperty().get().readsBySelf()) {
            reading.begin(fresh.stream().map(Clip::id).toList());
        }
    }

    /** It is offered while something is left to be read. */
    private void offer(Button read) {
        Job job = desk.work().now().job();
        desk.work().inBackground(() -> !reading.open(job).isEmpty(), read::setVisible);
    }

    /** Reads what came in and listens to it, or goes on with that. */
    void read() {
        reading.begin(desk.work().now().job().clips().stream().map(Clip::id).toList());
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Add footage and photographs");
        List<File> files = chooser.showOpenMultipleDialog(getScene().getWindow());
        if (files != null) {
            add(files);
        }
    }

    private void chooseFolder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Add all footage in a folder");
        File folder = chooser.showDialog(getScene().getWindow());
        if (folder != null) {
            add(List.of(folder));
        }
    }

    @Override
    public void add(List<File> files) {
        intake.add(files);
    }

    private void fill() {
        Job job = desk.work().now().job();
        Map<ClipId, ClipRow> kept = new LinkedHashMap<>();
        for (Clip clip : footage(job)) {
            ClipRow row = made.get(clip.id());
            kept.put(clip.id(), row != null && row.clip().equals(clip) ? row : new ClipRow(desk, clip, this));
        }
        boolean same = new ArrayList<>(kept.values()).equals(new ArrayList<>(made.values()));
        made.clear();
        made.putAll(kept);
        if (!same || rows.getChildren().isEmpty()) {
            rows.getChildren().setAll(made.values());
        }
        if (made.isEmpty()) {
            Label empty = Labels.of("No clips yet. Drop the camera's files here, or press Add clips.", "empty-drop");
            empty.setMaxWidth(Double.MAX_VALUE);
            rows.getChildren().setAll(empty);
        }
        made.values().forEach(ClipRow::update);
    }

    /** The clips of the job in order; photographs have a place of their own. */
    private static List<Clip> footage(Job job) {
        return job.clips().stream().filter(c -> !c.photo()).toList();
    }

    /** Moves a clip {@code by} places down, or up where negative. */
    void move(ClipId clip, int by) {
        List<ClipId> order = new ArrayList<>(
                footage(desk.work().now().job()).stream().map(Clip::id).toList());
        int from = order.indexOf(clip);
        int to = Math.clamp(from + by, 0, order.size() - 1);
        place(clip, to);
    }

    /** Puts a clip at place {@code to}, counted from 0. */
    void place(ClipId clip, int to) {
        List<ClipId> order = new ArrayList<>(
                footage(desk.work().now().job()).stream().map(Clip::id).toList());
        int from = order.indexOf(clip);
        if (from >= 0 && from != to) {
            order.remove(clip);
            order.add(Math.clamp(to, 0, order.size()), clip);
            desk.work().apply(new Edit.OrderClips(order));
        }
    }

    int placeOf(ClipRow row) {
        return rows.getChildren().indexOf(row);
    }
}
