package hitch.desk.mark;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.line.Run;
import hitch.core.note.Chip;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One text field: what is typed is read into chips while it is typed, and Enter makes it a finding at this frame. */
final class NoteLine extends VBox {
    private static final String HINT = "roots top heavy  ·  standing water 26-31  ·  clay to pvc";

    private static final double CHIPS_WIDTH = 412;

    private final Context desk;
    private final NoteReader reader;
    private final TextField field = new TextField();
    private final FlowPane chips = new FlowPane(6, 6);
    private final Label heading = Labels.heading("Note");
    private FindingId amending;
    private FrameRef frame;

    NoteLine(Context desk, NoteReader reader) {
        this.desk = desk;
        this.reader = reader;
        setSpacing(8);
        field.setId("note");
        field.getStyleClass().add("note-field");
        field.setPromptText("What is here?");
        field.setAccessibleText("Note on the shown frame");
        field.textProperty().addListener((o, was, is) -> read(is));
        field.focusedProperty().addListener((o, was, is) -> {
            if (is && field.getText().isEmpty()) {
                desk.player().playingProperty().set(false);
            }
        });
        field.setOnAction(e -> enter());
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                cancel();
                e.consume();
            }
        });
        chips.setMinHeight(26);
        chips.setPrefWrapLength(CHIPS_WIDTH);
        chips.setMaxWidth(CHIPS_WIDTH);
        getChildren().addAll(new HBox(8, heading, Labels.of("N", "key")), field, chips);
        read("");
    }

    void focus() {
        field.requestFocus();
    }

    /** Puts a finding's wording into the line, to be said anew. */
    void amend(LocatedFinding found) {
        amending = found.finding().id();
        heading.setText("Amend " + amending);
        field.setText(found.finding().wording());
        field.requestFocus();
        field.selectAll();
    }

    private void cancel() {
        amending = null;
        frame = null;
        heading.setText("Note");
        field.clear();
        getScene().getRoot().requestFocus();
    }

    private void read(String text) {
        chips.getChildren().clear();
        if (text.isBlank()) {
            frame = null;
            Label hint = Labels.of(HINT, "soft");
            hint.setMaxWidth(CHIPS_WIDTH);
            chips.getChildren().add(hint);
            return;
        }
        if (frame == null) {
            // The note belongs to the frame that was on show when its first letter was typed.
            frame = desk.player().shown().map(Player.Frame::ref).orElse(null);
        }
        Draft draft = reader.read(text, desk.work().now().survey().facts().unit());
        for (Chip chip : draft.chips()) {
            chips.getChildren()
                    .add(Labels.of(
                            chip.label(), "chip", "chip-" + chip.sort().name().toLowerCase(java.util.Locale.ROOT)));
        }
        if (!draft.remark().isEmpty()) {
            chips.getChildren().add(remark(draft.remark()));
        }
    }

    private static Label remark(String text) {
        Label label = Labels.of("“" + text + "”", "chip", "chip-remark");
        label.setMaxWidth(CHIPS_WIDTH);
        return label;
    }

    private void enter() {
        String text = field.getText();
        if (text.isBlank()) {
            return;
        }
        if (frame == null && amending == null) {
            desk.work().notices().say("There is no picture to note on. Add a clip on Load, or wait until it shows.");
            return;
        }
        Draft draft = reader.read(text, desk.work().now().survey().facts().unit());
        if (amending != null) {
            FindingId id = amending;
            desk.work()
                    .now()
                    .job()
                    .finding(id)
                    .ifPresent(f ->
                            desk.work().apply(new Edit.AmendFinding(id, draft.at(id, f.frame(), runOf(f.frame())))));
        } else {
            add(draft, frame);
        }
        cancel();
        field.requestFocus();
    }

    private void add(Draft draft, FrameRef at) {
        Optional<Run> run = runOf(at);
        if (draft.place().isPresent() && run.isEmpty()) {
            desk.work()
                    .notices()
                    .say("This clip is on no run, so the distance stays in the words only. "
                            + "Put the clip on a run on Load.");
        }
        desk.work().addFinding(id -> {
            Finding made = draft.at(id, at, run);
            javafx.application.Platform.runLater(() -> desk.selected().set(id));
            return made;
        });
    }

    private Optional<Run> runOf(FrameRef at) {
        return desk.work().now().job().runOf(at.clip());
    }
}
