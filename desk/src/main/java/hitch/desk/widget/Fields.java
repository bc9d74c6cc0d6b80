package hitch.desk.widget;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.StringConverter;

/** Fields that keep what is put into them as soon as the hand leaves them. */
public final class Fields {
    private static final double PARAGRAPH_INSETS = 20;

    private Fields() {}

    /** A text field that hands on what was typed, on Enter or when it is left, if it was changed. */
    public static TextField text(String name, String value, double width, Consumer<String> keep) {
        TextField field = new TextField(value);
        field.setPrefWidth(width);
        field.setMinWidth(width);
        field.setMaxWidth(width);
        field.setAccessibleText(name);
        Typing.kept(field);
        // A field that is taken away after Enter is left as well: what was handed on is not handed on again.
        String[] kept = {value};
        Runnable hand = () -> {
            String typed = field.getText().strip();
            if (!typed.equals(kept[0])) {
                kept[0] = typed;
                Typing.kept(field);
                keep.accept(typed);
            }
        };
        field.setOnAction(e -> hand.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                hand.run();
            }
        });
        return field;
    }

    /** A paragraph that hands on what was typed when it is left, if it was changed; as tall as its text. */
    public static TextArea paragraph(String name, String value, double width, Consumer<String> keep) {
        TextArea area = new TextArea(value);
        area.setAccessibleText(name);
        area.setWrapText(true);
        area.setPrefWidth(width);
        area.setMaxWidth(width);
        Text measure = new Text();
        measure.fontProperty().bind(area.fontProperty());
        measure.textProperty().bind(area.textProperty());
        measure.setWrappingWidth(width - PARAGRAPH_INSETS);
        area.prefHeightProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> measure.getLayoutBounds().getHeight() + PARAGRAPH_INSETS,
                        measure.layoutBoundsProperty()));
        area.setMinHeight(Region.USE_PREF_SIZE);
        Typing.kept(area);
        leftByTab(area);
        area.focusedProperty().addListener((o, was, is) -> {
            String typed = area.getText().strip();
            if (!is && !typed.equals(area.getProperties().get(Typing.KEPT))) {
                Typing.kept(area);
                keep.accept(typed);
            }
        });
        return area;
    }

    /** Lets Tab leave a text of many lines, as it leaves every other field. */
    public static void leftByTab(TextArea area) {
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.TAB && !e.isControlDown()) {
                area.requestFocusTraversal(e.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
                e.consume();
            }
        });
    }

    /** A choice among a few things, each in its words. */
    public static <T> ComboBox<T> choice(
            String name, List<T> all, T value, Function<T, String> words, Consumer<T> keep) {
        ComboBox<T> box = new ComboBox<>();
        box.getItems().setAll(all);
        box.setAccessibleText(name);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T item) {
                return item == null ? "" : words.apply(item);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        });
        box.setValue(value);
        box.setOnAction(e -> keep.accept(box.getValue()));
        return box;
    }

    /**
     * Shows other things to choose among. A box that keeps its value while others come before it would go on showing what now stands where that
     * stood, so it lets go of it first.
     */
    public static <T> void offer(ComboBox<T> box, List<T> all, T value) {
        if (!all.equals(box.getItems())) {
            box.getSelectionModel().clearSelection();
            box.getItems().setAll(all);
        }
        box.setValue(value);
    }

    public static CheckBox check(String name, boolean value, Consumer<Boolean> keep) {
        CheckBox box = new CheckBox(name);
        box.setSelected(value);
        box.setAccessibleText(name);
        box.setOnAction(e -> keep.accept(box.isSelected()));
        return box;
    }

    /** A field under its name. */
    public static VBox named(String name, Node field) {
        return new VBox(2, Labels.of(name, "field-label"), field);
    }
}
