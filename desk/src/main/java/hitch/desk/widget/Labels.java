package hitch.desk.widget;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;

/** Labels and buttons in the desk's styles. */
public final class Labels {
    private Labels() {}

    public static Label of(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** A heading of a part of a bench. */
    public static Label heading(String text) {
        return of(text, "heading");
    }

    /**
     * A button with its key shown on it.
     *
     * @param key the key as it is written on a keyboard; blank for none
     */
    public static Button button(String text, String key, String accessible, Runnable action) {
        Button button = new Button(text);
        if (!key.isBlank()) {
            button.setGraphic(of(key, "key"));
            button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
            button.setGraphicTextGap(8);
            button.setTooltip(new Tooltip(accessible + " (" + key + ")"));
        }
        button.setAccessibleText(accessible);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** A label that may be cut short where there is no room; pointing at it tells the whole. */
    public static Label mayBeCut(Label label) {
        label.setMinWidth(0);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(label.textProperty());
        label.setTooltip(whole);
        return label;
    }
}
