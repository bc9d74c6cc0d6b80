package hitch.desk.firm;

import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.io.File;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** The firm's page: its rules with a search, its prices, its words, who it is; and all of it as one file. */
public final class FirmSheet extends VBox {
    private final Context desk;
    private final RuleList rules;

    public FirmSheet(Context desk, Runnable leave) {
        this.desk = desk;
        setId("firm-sheet");
        getStyleClass().add("bench");
        Button close = Labels.button("Close", "Esc", "Close the firm's page", leave);
        Button export = Labels.button("Write to a file…", "", "Write all of the firm into one file", this::export);
        Button take = Labels.button(
                "Take from a file…", "", "Take another machine's firm in place of this one's", this::takeFrom);
        export.setId("firm-export");
        take.setId("firm-take");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.of("The firm", "strong", "large"), gap, export, take, close);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("page-top");
        rules = new RuleList(desk);
        HBox.setHgrow(rules, Priority.ALWAYS);
        VBox side = new VBox(
                20,
                new FirmForm(desk),
                new FirmRules(desk),
                new PriceField(desk),
                new OwnWords(desk),
                new OwnPhrases(desk),
                new FirmVoice(desk));
        side.getStyleClass().add("page");
        ScrollPane right = new ScrollPane(side);
        right.setFitToWidth(true);
        right.getStyleClass().add("side-scroll");
        right.setMinWidth(500);
        right.setPrefWidth(520);
        HBox both = new HBox(rules, right);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(top, both);
    }

    /** Puts the hand into the search. */
    public void take() {
        rules.search();
    }

    private void export() {
        File file =
                chooser("Write the firm to a file").showSaveDialog(getScene().getWindow());
        if (file != null) {
            desk.work().firm().export(file.toPath());
        }
    }

    private void takeFrom() {
        File file = chooser("Take a firm from a file").showOpenDialog(getScene().getWindow());
        if (file != null) {
            desk.work().firm().take(file.toPath());
        }
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.setInitialFileName("our-firm.zip");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("A firm", "*.zip"));
        return chooser;
    }
}
