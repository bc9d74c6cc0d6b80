package hitch.desk.judge;

import hitch.desk.widget.Labels;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Texts of the bench: wrapped, and led by a word. */
final class Words {
    private Words() {}

    static Label wrapped(String text, String... styles) {
        Label label = Labels.of(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** Sentences behind a leading word, each on its own line; nothing where there are none. */
    static Node led(String word, List<String> sentences, String... styles) {
        Label lead = Labels.of(word, "soft");
        lead.setMinWidth(Region.USE_PREF_SIZE);
        lead.getStyleClass().add("lead");
        VBox lines = new VBox(4);
        sentences.forEach(s -> lines.getChildren().add(wrapped(s, styles)));
        HBox.setHgrow(lines, Priority.ALWAYS);
        HBox row = new HBox(8, lead, lines);
        row.setAlignment(Pos.TOP_LEFT);
        row.setVisible(!sentences.isEmpty());
        row.setManaged(!sentences.isEmpty());
        return row;
    }
}
