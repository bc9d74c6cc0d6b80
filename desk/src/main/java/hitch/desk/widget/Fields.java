package hitch.desk.widget;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Fields that keep what is put into them as soon as the hand leaves them. */
public final class Fields {
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
