package hitch.desk.firm;

import hitch.core.exchange.PricesCsv;
import hitch.core.rules.PriceBook;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.store.StoreException;
import hitch.store.TextFile;
import hitch.store.out.OutFile;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** The firm's prices as a table of text, empty until somebody puts them in; kept when the field is left, or read from a file. */
final class PriceField extends VBox {
    private final Context desk;
    private final TextArea field = new TextArea();

    PriceField(Context desk) {
        super(6);
        this.desk = desk;
        setId("prices");
        field.setId("prices-table");
        field.getStyleClass().add("prices-table");
        field.setPrefRowCount(9);
        field.setAccessibleText("The firm's prices, a row each: method, per, size in, depth ft, cover, low, high");
        Fields.leftByTab(field);
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep(field.getText());
            }
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (!field.isFocused()) {
                fill();
            }
        });
        Button read = Labels.button("Read a CSV…", "", "Read prices from a CSV file", this::read);
        Button save = Labels.button("Save as CSV…", "", "Save the prices as a CSV file", this::save);
        Button blank =
                Labels.button("A blank table", "", "Begin with a table of everything there can be a price for", () -> {
                    field.setText(PricesCsv.blank());
                    field.requestFocus();
                });
        blank.setId("prices-blank");
        Label about = Labels.of(
                "Ranges from low to high. What has no price is only compared. Nothing is made up, and an estimate is not an offer.",
                "soft",
                "small");
        about.setWrapText(true);
        getChildren().addAll(Labels.heading("Prices"), about, field, new FlowPane(8, 4, read, save, blank));
        fill();
    }

    private PriceBook known() {
        return desk.work().now().job().rules().prices();
    }

    private void fill() {
        String text = known().isEmpty() ? "" : PricesCsv.write(known());
        if (!field.getText().equals(text)) {
            field.setText(text);
        }
    }

    private void keep(String text) {
        try {
            PriceBook book = text.isBlank() ? PriceBook.EMPTY : PricesCsv.parse(text);
            if (!book.equals(known())) {
                desk.work().changes().changeRules(r -> book);
            }
        } catch (IllegalArgumentException e) {
            desk.work()
                    .notices()
                    .say(e.getMessage()
                            + " The prices were left as they were; what you typed still stands in the field.");
        }
    }

    private void read() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Prices as CSV");
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            read(file.toPath());
        }
    }

    /** Reads prices from a file in place of those that are there. */
    void read(Path file) {
        desk.work()
                .inBackground(() -> parsed(file), book -> desk.work().changes().changeRules(r -> book));
    }

    private static PriceBook parsed(Path file) throws StoreException {
        try {
            return PricesCsv.parse(TextFile.read(file));
        } catch (IllegalArgumentException e) {
            throw new StoreException("No prices were taken from " + file.getFileName() + ". " + e.getMessage(), e);
        }
    }

    private void save() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the prices");
        chooser.setInitialFileName("prices.csv");
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            desk.work()
                    .inBackground(
                            () -> {
                                OutFile.fresh(file.toPath(), List.of()).write(PricesCsv.write(known()));
                                return file;
                            },
                            f -> desk.work().notices().say("The prices were written to " + f.getName() + "."));
        }
    }
}
