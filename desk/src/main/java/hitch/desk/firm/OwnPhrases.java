package hitch.desk.firm;

import hitch.core.story.words.PhraseBook;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.Map;
import java.util.TreeSet;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

/** The firm's own sentences for its films, under the headings of those that ship. Kept when the field is left. */
final class OwnPhrases extends VBox {
    private static final String EXAMPLE =
            "[greeting/owner]\nGood day from all of us. This is the sewer line at {property}.";

    private final Context desk;
    private final TextArea field = new TextArea();

    OwnPhrases(Context desk) {
        this.desk = desk;
        setSpacing(2);
        field.setId("own-phrases");
        Fields.leftByTab(field);
        field.setPrefRowCount(4);
        field.setPromptText(EXAMPLE);
        field.setAccessibleText("Sentences of our own for films, each under its heading, such as: " + EXAMPLE);
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        desk.work().firm().phrasesProperty().addListener((o, was, is) -> fill());
        Label about = Labels.of("They stand in place of those that ship, heading by heading.", "soft");
        about.setWrapText(true);
        getChildren().addAll(Labels.of("Sentences of our own", "field-label"), field, about, headings());
        fill();
    }

    /** All that is said in films, to begin from. */
    private ComboBox<String> headings() {
        ComboBox<String> all = new ComboBox<>();
        all.getItems().setAll(new TreeSet<>(PhraseBook.SHIPPED.lines().keySet()));
        all.setPromptText("Begin from what ships…");
        all.setId("phrase-headings");
        all.setAccessibleText("A heading whose shipped sentences are put into the field, to be changed");
        all.setOnAction(e -> {
            if (all.getValue() != null) {
                begin(all.getValue());
                Platform.runLater(() -> all.setValue(null));
            }
        });
        return all;
    }

    private void begin(String heading) {
        PhraseBook ours =
                new PhraseBook(Map.of(heading, PhraseBook.SHIPPED.lines().get(heading)));
        boolean there = field.getText().contains("[" + heading + "]");
        field.requestFocus();
        if (!there) {
            field.appendText(
                    (field.getText().isBlank() ? "" : "\n\n") + ours.text().strip());
        }
        field.positionCaret(field.getText().indexOf("[" + heading + "]") + heading.length() + 3);
    }

    private PhraseBook known() {
        return desk.work().firm().phrasesProperty().get();
    }

    private void fill() {
        field.setText(known().text().strip());
    }

    private void keep() {
        try {
            PhraseBook own = PhraseBook.own(field.getText());
            if (!own.equals(known())) {
                desk.work().firm().keep(own);
            }
        } catch (IllegalArgumentException e) {
            desk.work().notices().say(e.getMessage() + " The sentences were left as they were.");
        }
    }
}
