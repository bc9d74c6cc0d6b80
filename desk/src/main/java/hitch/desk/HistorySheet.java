package hitch.desk;

import hitch.desk.widget.Labels;
import hitch.store.StoreException;
import hitch.store.journal.HistoryText;
import hitch.store.out.OutFile;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** What was done to the job, by whom and when, the latest on top; it can be saved as text. */
final class HistorySheet extends VBox {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss").withZone(ZoneId.systemDefault());

    private final Workspace work;
    private final ListView<HistoryText.Line> list = new ListView<>();
    private final Button close;

    HistorySheet(Workspace work, Runnable leave) {
        this.work = work;
        setId("history-sheet");
        setSpacing(16);
        getStyleClass().addAll("page", "bench");
        close = Labels.button("Close", "Esc", "Close the history", leave);
        Button save = Labels.button("Save…", "", "Save the history as text", this::choose);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.of("What was done to this job", "strong", "large"), gap, save, close);
        top.setAlignment(Pos.CENTER_LEFT);
        list.setId("history");
        list.setAccessibleText("History of the job");
        list.setCellFactory(all -> new Cell());
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(top, list);
        work.inBackground(work.folder()::historyLines, lines -> list.getItems().setAll(lines.reversed()));
    }

    void take() {
        close.requestFocus();
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the history");
        chooser.setInitialFileName("history.txt");
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            save(file.toPath());
        }
    }

    /** Writes it to a new file; one that is there is left alone. */
    void save(Path file) {
        List<String> lines = list.getItems().reversed().stream()
                .map(HistoryText.Line::toString)
                .toList();
        work.inBackground(() -> written(file, lines), work.notices()::say);
    }

    private static String written(Path file, List<String> lines) throws StoreException {
        if (Files.exists(file)) {
            return file + " is there already and was left alone. Choose another name.";
        }
        OutFile.fresh(file, List.of()).write(String.join("\n", lines) + "\n");
        return "The history was written to " + file;
    }

    /** One thing that was done. */
    private static final class Cell extends ListCell<HistoryText.Line> {
        private final Label number = Labels.of("", "measure", "soft");
        private final Label when = Labels.of("", "measure");
        private final Label who = Labels.of("", "soft");
        private final Label what = Labels.of("");
        private final HBox row = new HBox(16, number, when, who, what);

        Cell() {
            number.setMinWidth(48);
            number.setAlignment(Pos.CENTER_RIGHT);
            when.setMinWidth(176);
            who.setMinWidth(144);
            row.setAlignment(Pos.CENTER_LEFT);
        }

        @Override
        protected void updateItem(HistoryText.Line line, boolean empty) {
            super.updateItem(line, empty);
            if (empty || line == null) {
                setGraphic(null);
                return;
            }
            number.setText(Long.toString(line.number()));
            when.setText(line.at().isBlank() ? "not known when" : WHEN.format(Instant.parse(line.at())));
            who.setText(line.by().isBlank() ? "not known by whom" : line.by());
            what.setText(line.what() + (line.stands() ? "" : "  ·  does not stand"));
            what.getStyleClass().setAll("label", line.stands() ? "strong" : "soft");
            setGraphic(row);
        }
    }
}
