package hitch.desk.load;

import hitch.desk.Context;
import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is missing before the van leaves, from any bench. */
public final class MissingSheet extends VBox {
    private final Button close;

    public MissingSheet(Context desk, Runnable leave) {
        super(16);
        setId("missing-sheet");
        getStyleClass().addAll("page", "bench");
        close = Labels.button("Close", "Esc", "Close what is missing", leave);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.of("By the record so far", "strong", "large"), gap, close);
        top.setAlignment(Pos.CENTER_LEFT);
        MissingPane pane = new MissingPane(desk, leave);
        Label nothing = Labels.of("Nothing is missing.", "soft");
        nothing.visibleProperty().bind(pane.visibleProperty().not());
        nothing.managedProperty().bind(nothing.visibleProperty());
        ScrollPane scroll = new ScrollPane(new VBox(pane, nothing));
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(top, scroll);
    }

    public void take() {
        close.requestFocus();
    }
}
