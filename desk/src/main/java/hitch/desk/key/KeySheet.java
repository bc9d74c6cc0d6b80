package hitch.desk.key;

import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

/** The sheet of keys: every act with its key, by the place it belongs to. */
public final class KeySheet extends StackPane {
    private static final double COLUMN = 388;

    private final Button close;

    /** @param leave what puts the sheet away */
    public KeySheet(Runnable leave) {
        setId("key-sheet");
        getStyleClass().add("key-sheet");
        close = Labels.button("Close", "Esc", "Close the sheet of keys", leave);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.of("Keys", "strong", "large"), gap, close);
        top.setAlignment(Pos.CENTER_LEFT);
        VBox page = new VBox(20, top);
        for (Act.Place place : Act.Place.values()) {
            page.getChildren().add(new VBox(8, Labels.heading(place.word()), acts(place)));
        }
        page.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bench");
        getChildren().add(scroll);
    }

    /** Puts the hand on its button, so that Enter and the space bar close it too. */
    public void take() {
        close.requestFocus();
    }

    private static Node acts(Act.Place place) {
        TilePane tiles = new TilePane(12, 4);
        tiles.setTileAlignment(Pos.CENTER_LEFT);
        for (Act act : Act.of(place)) {
            Label key = Labels.of(act.key(), "key");
            HBox held = new HBox(key);
            held.setAlignment(Pos.CENTER_RIGHT);
            held.setMinWidth(108);
            HBox row = new HBox(12, held, Labels.of(act.words()));
            row.setAlignment(Pos.CENTER_LEFT);
            row.setPrefWidth(COLUMN);
            tiles.getChildren().add(row);
        }
        return tiles;
    }
}
