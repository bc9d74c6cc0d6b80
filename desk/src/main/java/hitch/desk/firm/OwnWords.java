package hitch.desk.firm;

import hitch.core.rules.WordRules;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

/** The firm's own words for what is found, one a line: {@code beaver dam = blockage}. Kept when the field is left. */
final class OwnWords extends VBox {
    private final Context desk;
    private final TextArea field = new TextArea();

    OwnWords(Context desk) {
        this.desk = desk;
        setSpacing(2);
        field.setId("own-words");
        Fields.leftByTab(field);
        field.setPrefRowCount(3);
        field.setPromptText("beaver dam = blockage");
        field.setAccessibleText("Words of our own, one a line, such as: beaver dam = blockage");
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (!field.isFocused()) {
                fill();
            }
        });
        Label about = Labels.of("The note line and the captions are read with them.", "soft");
        about.setWrapText(true);
        getChildren().addAll(Labels.of("Words of our own", "field-label"), field, about);
        fill();
    }

    private WordRules known() {
        return desk.work().now().survey().rules().own();
    }

    private void fill() {
        field.setText(known().text());
    }

    private void keep() {
        try {
            WordRules words = WordRules.parse(field.getText());
            if (!words.equals(known())) {
                desk.work().changes().changeRules(r -> words);
            }
        } catch (IllegalArgumentException e) {
            desk.work().notices().say(e.getMessage() + " The words were left as they were.");
        }
    }
}
