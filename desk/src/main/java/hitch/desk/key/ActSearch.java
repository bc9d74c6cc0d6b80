package hitch.desk.key;

import hitch.desk.widget.Labels;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Everything that can be done here, found by typing what one wants; Enter does it, and its key is told for the next time. */
public final class ActSearch extends VBox {
    private final List<Act> all;
    private final Consumer<Act> does;
    private final Runnable leave;
    private final TextField field = new TextField();
    private final ListView<Act> list = new ListView<>();

    /**
     * @param places whose acts are offered, the nearest first
     * @param does what does one, once the sheet is away
     * @param leave what puts the sheet away
     */
    public ActSearch(List<Act.Place> places, Consumer<Act> does, Runnable leave) {
        super(10);
        this.all = places.stream()
                .flatMap(p -> Act.of(p).stream())
                .filter(a -> a != Act.ACTS)
                .toList();
        this.does = does;
        this.leave = leave;
        setId("act-search");
        getStyleClass().add("over");
        field.setId("act-words");
        field.setPromptText("What do you want to do?");
        field.setAccessibleText("What do you want to do? Type a word of it.");
        field.getStyleClass().add("note-field");
        field.textProperty().addListener((o, was, is) -> fill());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.setId("acts");
        list.setAccessibleText("What can be done");
        list.setFocusTraversable(false);
        list.setCellFactory(v -> new Row());
        list.setOnMouseClicked(e -> doIt());
        list.setPlaceholder(Labels.of("Nothing that can be done here is called so.", "soft"));
        VBox.setVgrow(list, Priority.ALWAYS);
        setMaxSize(640, 420);
        getChildren().addAll(field, list);
        fill();
    }

    /** Puts the hand into its field. */
    public void take() {
        field.requestFocus();
    }

    private void key(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (e.getCode()) {
            case DOWN -> choose(at + 1);
            case UP -> choose(at - 1);
            case ENTER -> doIt();
            case ESCAPE -> leave.run();
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void choose(int index) {
        if (index >= 0 && index < list.getItems().size()) {
            list.getSelectionModel().select(index);
            list.scrollTo(Math.max(0, index - 3));
        }
    }

    private void doIt() {
        Act chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            leave.run();
            does.accept(chosen);
        }
    }

    private void fill() {
        list.getItems().setAll(found(all, field.getText()));
        choose(0);
    }

    /** The acts of which each typed word begins a word, or is the key; those whose words begin as typed come first. */
    static List<Act> found(List<Act> acts, String typed) {
        String wanted = typed.toLowerCase(Locale.ROOT).strip();
        return acts.stream()
                .filter(a -> Arrays.stream(wanted.split("\\s+")).allMatch(w -> fits(a, w)))
                .sorted(Comparator.comparing(
                        (Act a) -> !a.words().toLowerCase(Locale.ROOT).startsWith(wanted)))
                .toList();
    }

    private static boolean fits(Act act, String word) {
        return Stream.concat(
                        Arrays.stream(act.words().toLowerCase(Locale.ROOT).split("[^a-z0-9']+")),
                        Stream.of(act.key().toLowerCase(Locale.ROOT)))
                .anyMatch(w -> w.startsWith(word));
    }

    private static final class Row extends ListCell<Act> {
        @Override
        protected void updateItem(Act act, boolean empty) {
            super.updateItem(act, empty);
            if (empty || act == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Label key = Labels.of(act.key(), "key");
            key.setMinWidth(Region.USE_PREF_SIZE);
            HBox row = new HBox(
                    12, Labels.of(act.words()), gap, Labels.of(act.place().word(), "soft"), key);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
            setAccessibleText(act.words() + ", " + act.key());
        }
    }
}
