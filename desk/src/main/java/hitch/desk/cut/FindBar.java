package hitch.desk.cut;

import hitch.core.story.Rearranging;
import hitch.core.story.ScriptLine;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;

/** Finds words in the script, and puts others in their place. Enter goes on to the next paragraph that has them, Escape closes. */
final class FindBar extends HBox {
    private final ScriptRoom room;
    private final TextField find = new TextField();
    private final TextField with = new TextField();
    private final Label count = Labels.of("", "soft");

    FindBar(ScriptRoom room, Runnable settle) {
        super(8);
        this.room = room;
        setAlignment(Pos.CENTER_LEFT);
        setId("find-bar");
        find.setId("find-words");
        find.setPromptText("Find");
        find.setAccessibleText("Words to find in the script");
        with.setId("replace-words");
        with.setPromptText("Replace with");
        with.setAccessibleText("Words to put in their place");
        Button next = Labels.button("Next", "", "Go to the next paragraph that has these words", this::next);
        Button all = Labels.button("Replace all", "", "Replace these words in the whole script", () -> {
            settle.run();
            room.arrange(r -> r.replace(find.getText(), with.getText()));
        });
        all.setId("replace-all");
        getChildren().addAll(find, with, next, all, count);
        find.setOnAction(e -> next());
        find.textProperty().addListener((o, was, is) -> count());
        room.writtenProperty().addListener((o, was, is) -> count());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                setVisible(false);
                e.consume();
            }
        });
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    void open() {
        setVisible(true);
        find.requestFocus();
        find.selectAll();
    }

    private List<ScriptLine> holding() {
        return room.written()
                .map(w -> new Rearranging(w.script(), w.may()).holding(find.getText()))
                .orElse(List.of());
    }

    private void count() {
        int there = holding().size();
        count.setText(
                find.getText().isEmpty()
                        ? ""
                        : there == 0 ? "nowhere" : there == 1 ? "in one paragraph" : "in " + there + " paragraphs");
    }

    private void next() {
        List<String> keys = holding().stream().map(l -> l.proposed().key()).toList();
        if (!keys.isEmpty()) {
            int at = keys.indexOf(room.chosen().get());
            room.chosen().set(keys.get((at + 1) % keys.size()));
        }
    }
}
