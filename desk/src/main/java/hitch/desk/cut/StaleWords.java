package hitch.desk.cut;

import hitch.core.story.ScriptLine;
import hitch.desk.widget.Labels;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Words that tell what was so before, beside those that the record would say now. */
final class StaleWords extends VBox {
    /** What lies beside the two versions: the box's own edges and the gap between them. */
    private static final double INSETS = 40;

    StaleWords(ScriptRoom room, ScriptLine line) {
        super(6);
        getStyleClass().add("stale");
        String key = line.proposed().key();
        Button take = Labels.button(
                "Take the new words",
                "",
                "Take the words that are proposed now",
                () -> room.change(key, c -> c.asProposed()));
        Button keep = Labels.button(
                "Keep mine",
                "",
                "Keep these words; they still stand",
                () -> room.say(line, line.shot().narration()));
        HBox both = new HBox(
                16,
                version(
                        this,
                        "You wrote this on what was known then",
                        line.shot().narration(),
                        keep),
                version(this, "From what is known now", line.proposed().narration(), take));
        getChildren().addAll(Labels.of("The record has changed since these words were written.", "strong"), both);
    }

    private static VBox version(VBox within, String heading, String words, Button act) {
        Label said = Labels.of(words);
        said.setWrapText(true);
        VBox one = new VBox(4, Labels.of(heading, "soft", "small"), said, act);
        HBox.setHgrow(one, Priority.ALWAYS);
        one.prefWidthProperty().bind(within.widthProperty().subtract(INSETS).divide(2));
        return one;
    }
}
