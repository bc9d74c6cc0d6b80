package hitch.desk.measure;

import hitch.core.finding.Finding;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import java.util.Locale;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Under the footage while a still is drawn on: what with, and what it is drawn on. */
public final class DrawBar extends VBox {
    private final StillHand hand;
    private final Label on = Labels.mayBeCut(Labels.of("", "soft"));
    private final Label how = Labels.mayBeCut(Labels.of("", "soft"));
    private final Button back;
    private final Button wipe;

    public DrawBar(Context desk, StillHand hand, TextField words) {
        super(6);
        this.hand = hand;
        setId("draw-bar");
        getStyleClass().add("see-better");
        HBox row = new HBox(2);
        row.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (StillHand.Tool tool : StillHand.Tool.values()) {
            ToggleButton button = new ToggleButton(tool.title());
            button.setToggleGroup(group);
            button.setId("draw-" + tool.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("side-tab");
            button.setFocusTraversable(false);
            button.setAccessibleText(tool.title() + ". " + tool.how());
            button.setSelected(hand.toolProperty().get() == tool);
            button.setOnAction(e -> {
                hand.toolProperty().set(tool);
                button.setSelected(true);
            });
            hand.toolProperty().addListener((o, was, is) -> button.setSelected(is == tool));
            row.getChildren().add(button);
        }
        back = plain(Labels.button("Back", Act.MEASURE_BACK.key(), "Take the last mark off again", hand::back));
        wipe = plain(Labels.button("Wipe", "", "Take the whole drawing off; the still stays", hand::wipe));
        wipe.setId("draw-wipe");
        Button done = plain(Labels.button(
                "Done",
                Act.MEASURE_DONE.key(),
                "Leave drawing",
                () -> hand.onProperty().set(false)));
        done.setId("draw-done");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox.setMargin(on, new Insets(0, 8, 0, 0));
        row.getChildren().addAll(gap, on, back, wipe, done);
        words.setId("draw-text");
        words.setPromptText("Words to write on the still");
        words.setAccessibleText("Words to write on the still");
        words.visibleProperty().bind(hand.toolProperty().isEqualTo(StillHand.Tool.WORDS));
        words.managedProperty().bind(words.visibleProperty());
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox second = new HBox(10, words, how);
        second.setAlignment(Pos.CENTER_LEFT);
        second.setMinHeight(34);
        getChildren().addAll(row, second);
        visibleProperty().bind(hand.onProperty());
        managedProperty().bind(visibleProperty());
        ChangeListener<Object> changed = (o, was, is) -> fill();
        desk.work().snapshotProperty().addListener(changed);
        desk.player().shownProperty().addListener(changed);
        desk.selected().addListener(changed);
        hand.toolProperty().addListener(changed);
        hand.onProperty().addListener(changed);
        fill();
    }

    private static Button plain(Button button) {
        button.setFocusTraversable(false);
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    private void fill() {
        if (!hand.onProperty().get()) {
            return;
        }
        on.setText(hand.finding()
                .map(Finding::id)
                .map(id -> "on the still of " + id)
                .orElse("not on this frame"));
        how.setText(
                hand.finding().isPresent()
                        ? hand.toolProperty().get().how()
                        : "A drawing belongs to a finding's own frame. Choose the finding to go there.");
        back.setDisable(hand.marks().isEmpty());
        wipe.setDisable(hand.marks().isEmpty());
    }

    /** Does what a key asks for while drawing is on; false where it asks for nothing here. */
    public boolean key(KeyEvent e) {
        if (!hand.onProperty().get()) {
            return false;
        }
        if (e.getCode() == KeyCode.BACK_SPACE) {
            hand.back();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            hand.onProperty().set(false);
        } else {
            return false;
        }
        return true;
    }
}
