package hitch.desk;

import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Says one thing at the foot of the window until it is closed. */
final class NoticeStrip extends HBox {
    NoticeStrip(Notices notices) {
        Label words = new Label();
        words.setId("notice");
        words.textProperty().bind(notices.textProperty());
        words.setWrapText(true);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button close = Labels.button("Close", "", "Close this notice", notices::close);
        close.setFocusTraversable(false);
        close.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(words, close);
        setAlignment(Pos.CENTER_LEFT);
        setSpacing(16);
        getStyleClass().add("notice");
        visibleProperty().bind(notices.textProperty().isNotEmpty());
        managedProperty().bind(visibleProperty());
    }
}
