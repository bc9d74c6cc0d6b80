package hitch.desk.mark;

import hitch.core.eyes.LookHere;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Places that stand out and that nobody has marked or spoken of: gone through one by one, noted, or waved away. */
final class LookPane extends VBox {
    private final Context desk;
    private final EyesBook book;
    private final ListView<LookHere> list = new ListView<>();
    private final ReadOnlyIntegerWrapper open = new ReadOnlyIntegerWrapper();
    private final Label nothing = Labels.of("", "soft");
    private final Button along;

    LookPane(Context desk, EyesBook book) {
        this.desk = desk;
        this.book = book;
        this.along = Labels.button(
                "Look along the clips",
                "",
                "Look along the wall of each clip whose counter is read",
                desk.work().walls()::lookAlong);
        setSpacing(8);
        setId("look-pane");
        list.setId("looks");
        list.setAccessibleText("Places that stand out");
        list.setCellFactory(v -> new LookCell(desk, this::show, this::wave));
        nothing.setWrapText(true);
        nothing.setMaxWidth(360);
        along.setId("look-along");
        along.setFocusTraversable(false);
        along.managedProperty().bind(along.visibleProperty());
        VBox empty = new VBox(12, nothing, along);
        empty.setAlignment(Pos.CENTER);
        list.setPlaceholder(empty);
        VBox.setVgrow(list, Priority.ALWAYS);
        Label what = Labels.of(
                "Something is unlike the rest here, and nobody has marked or spoken of it. Note what it is, or wave it away ("
                        + Act.WAVE_AWAY.key() + ").",
                "soft");
        what.setWrapText(true);
        what.setMinHeight(USE_PREF_SIZE);
        what.visibleProperty().bind(javafx.beans.binding.Bindings.isNotEmpty(list.getItems()));
        what.managedProperty().bind(what.visibleProperty());
        getChildren().addAll(what, list);
        book.placesProperty().addListener((o, was, is) -> fill());
        desk.work().walls().walls().addListener((javafx.beans.InvalidationListener) o -> fill());
        desk.work().firm().profileProperty().addListener((o, was, is) -> fill());
        fill();
    }

    /** How many there are. */
    ReadOnlyIntegerProperty openProperty() {
        return open.getReadOnlyProperty();
    }

    int open() {
        return open.get();
    }

    private void fill() {
        List<LookHere> places = book.placesProperty().get();
        int at = list.getSelectionModel().getSelectedIndex();
        if (!places.equals(list.getItems())) {
            list.getItems().setAll(places);
            if (at >= 0 && !places.isEmpty()) {
                list.getSelectionModel().select(Math.min(at, places.size() - 1));
            }
        }
        open.set(places.size());
        boolean on = desk.work().firm().profileProperty().get().secondEyes();
        along.setVisible(on && !book.hasLooked());
        nothing.setText(
                !on
                        ? "Pointing at places that stand out is switched off on Firm."
                        : book.hasLooked()
                                ? "Nothing stands out that is not marked or spoken of."
                                : "Nobody has looked along the wall yet. It is done for each clip whose counter is read.");
    }

    /** The next place, on the footage. */
    void next() {
        if (list.getItems().isEmpty()) {
            desk.work().notices().say(nothing.getText());
            return;
        }
        int at = list.getSelectionModel().getSelectedIndex();
        list.getSelectionModel().select((at + 1) % list.getItems().size());
        list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 1));
        show(list.getSelectionModel().getSelectedItem());
    }

    private void show(LookHere look) {
        desk.show(look.frame());
    }

    /** Says that there is nothing at the chosen place. */
    void waveChosen() {
        Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                .ifPresentOrElse(
                        this::wave,
                        () -> desk.work()
                                .notices()
                                .say("No place that stands out is chosen. " + Act.NEXT_LOOK.key()
                                        + " goes to the next."));
    }

    private void wave(LookHere look) {
        desk.work().apply(new Edit.WaveAway(look.frame()));
    }
}
