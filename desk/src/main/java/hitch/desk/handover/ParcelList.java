package hitch.desk.handover;

import hitch.core.disclosure.Recipient;
import hitch.core.parcel.ParcelState;
import hitch.core.parcel.ParcelsCsv;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.media.film.FilmShape;
import hitch.store.out.OutFile;
import java.io.File;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** A row for each recipient of the job: what is in its parcel, how long and large it is, and how it stands. */
final class ParcelList extends VBox {
    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final Supplier<FilmShape> shape;
    private final VBox rows = new VBox(8);
    private final Map<Recipient, Row> shown = new HashMap<>();

    /** What of a row changes. */
    private record Row(Label state, Label holds, Label open) {}

    /**
     * @param another what to do when another kind of recipient is wanted
     */
    ParcelList(Context desk, ObjectProperty<Recipient> recipient, Supplier<FilmShape> shape, Runnable another) {
        super(12);
        this.desk = desk;
        this.recipient = recipient;
        this.shape = shape;
        setId("parcels");
        Button more = Labels.button("Another kind…", "", "Add another kind of recipient", another);
        more.setId("recipient-more");
        more.getStyleClass().add("quiet");
        Button list = Labels.button("Who got what…", "", "Save the list of who got what as CSV", this::saveList);
        list.setId("who-got-what");
        list.getStyleClass().add("quiet");
        list.disableProperty()
                .bind(desk.work()
                        .snapshotProperty()
                        .map(s -> s.history().parcels().issues().isEmpty()));
        getChildren().addAll(Labels.heading("Parcels"), rows, new FlowPane(8, 8, more, list));
        var all = desk.work().firm().recipients();
        all.addListener((ListChangeListener<Recipient>) c -> fill(all));
        recipient.addListener((o, was, is) -> rows.getChildren().stream()
                .flatMap(n -> n.lookupAll(".parcel").stream())
                .map(ToggleButton.class::cast)
                .forEach(b -> b.setSelected(b.getUserData().equals(is))));
        fill(all);
    }

    private void fill(List<Recipient> all) {
        shown.clear();
        ToggleGroup group = new ToggleGroup();
        rows.getChildren().setAll(all.stream().map(r -> row(r, group)).toList());
    }

    private Node row(Recipient each, ToggleGroup group) {
        Label state = wrapped(Labels.of("", "parcel-state"));
        Label holds = wrapped(Labels.of("", "soft"));
        Label open = wrapped(Labels.of("", "parcel-open"));
        shown.put(each, new Row(state, holds, open));
        ToggleButton row = new ToggleButton();
        VBox words = new Wrapped(Labels.of(each.title(), "strong", "large"), state, holds, open);
        row.setGraphic(words);
        row.setUserData(each);
        row.setAccessibleText(each.title() + ": " + each.wants());
        row.getStyleClass().add("parcel");
        row.setId("recipient-" + each.word());
        row.setToggleGroup(group);
        row.setAlignment(Pos.TOP_LEFT);
        row.setMaxWidth(Double.MAX_VALUE);
        row.setSelected(each.equals(recipient.get()));
        row.setOnAction(e -> {
            row.setSelected(true);
            recipient.set(each);
        });
        if (Recipient.STANDARD.contains(each)) {
            return row;
        }
        Button gone = Labels.button("Remove", "", "Remove the recipient " + each.title(), () -> {
            recipient.set(Recipient.HOMEOWNER);
            desk.work().firm().remove(each);
        });
        gone.getStyleClass().add("quiet");
        return new VBox(4, row, gone);
    }

    private void saveList() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save the list of who got what");
        chooser.setInitialFileName("who-got-what.csv");
        File chosen = chooser.showSaveDialog(getScene().getWindow());
        if (chosen != null) {
            saveList(chosen.toPath());
        }
    }

    /** Saves who got what; a file that is there is left alone. */
    void saveList(Path file) {
        String list = ParcelsCsv.write(desk.work().now().history().parcels());
        desk.work()
                .inBackground(
                        () -> {
                            OutFile.fresh(file, List.of()).write(list);
                            return file;
                        },
                        saved -> desk.work().notices().say("Who got what is in " + saved + "."));
    }

    private static Label wrapped(Label label) {
        label.setWrapText(true);
        return label;
    }

    /** Tells how each parcel stands. */
    void show(List<ParcelState> states) {
        for (ParcelState state : states) {
            Row row = shown.get(state.recipient());
            if (row != null) {
                row.state().setText(Standing.words(state));
                row.holds().setText(Standing.holds(state, shape.get()));
                row.open().setText(Standing.open(state));
            }
        }
    }

    /** Lines that wrap at the width of their row, which a button asks nothing of. */
    private static final class Wrapped extends VBox {
        private static final double USUAL = 240;

        Wrapped(Node... lines) {
            super(2, lines);
        }

        @Override
        protected double computePrefHeight(double width) {
            return super.computePrefHeight(width > 0 ? width : getWidth() > 0 ? getWidth() : USUAL);
        }

        @Override
        protected double computePrefWidth(double height) {
            return USUAL;
        }
    }
}
