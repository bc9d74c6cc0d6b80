package hitch.desk.mark;

import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Ends;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Beside the footage: the findings, all that is said of the chosen one, what was said, or where to look. */
final class SidePane extends VBox {
    private final Context desk;
    private final FindingsPane findings;
    private final SpokenPane spoken;
    private final FindingSheet sheet;
    private final TalkBook book;
    private final LookPane looks;
    private final ToggleButton found = new ToggleButton("Findings");
    private final ToggleButton details = new ToggleButton("Details");
    private final ToggleButton said = new ToggleButton("Spoken");
    private final ToggleButton look = new ToggleButton("Look");

    SidePane(Context desk, FindingsPane findings, SpokenPane spoken, TalkBook book, LookPane looks, Runnable findActs) {
        this.desk = desk;
        this.findings = findings;
        this.spoken = spoken;
        this.book = book;
        this.looks = looks;
        this.sheet = new FindingSheet(desk);
        setSpacing(8);
        ToggleGroup group = new ToggleGroup();
        found.setId("show-findings");
        details.setId("show-details");
        said.setId("show-spoken");
        look.setId("show-looks");
        for (ToggleButton tab : List.of(found, details, said, look)) {
            tab.setToggleGroup(group);
            tab.getStyleClass().add("side-tab");
            tab.setFocusTraversable(false);
        }
        found.setSelected(true);
        group.selectedToggleProperty().addListener((o, was, is) -> {
            if (is == null) {
                group.selectToggle(was);
            }
            update();
        });
        Button acts = Labels.button("Do…", Act.ACTS.key(), Act.ACTS.words(), findActs);
        acts.setId("find-acts");
        acts.setFocusTraversable(false);
        Ends top = new Ends(
                Ends.part(
                        12,
                        found,
                        Ends.part(2, details, Labels.of(Act.SAY_MORE.key(), "key")),
                        Ends.part(2, said, Labels.of(Act.SAID.key(), "key")),
                        look),
                Ends.part(4, acts));
        StackPane both = new StackPane(findings, sheet, spoken, looks);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(top, both);
        book.linesProperty().addListener((o, was, is) -> update());
        looks.openProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        update();
    }

    /** The other of the two. */
    void toggle() {
        (isSpoken() ? found : said).setSelected(true);
        if (isSpoken()) {
            spoken.focus();
        } else {
            getScene().getRoot().requestFocus();
        }
    }

    /** All that is said of the chosen finding, or the findings again. */
    void toggleDetails() {
        (details.isSelected() ? found : details).setSelected(true);
    }

    /** The places that stand out, the next of them on the footage. */
    void nextLook() {
        look.setSelected(true);
        looks.next();
    }

    /** Whether the findings are listed, which leaves room for what is here. */
    ReadOnlyBooleanProperty listedProperty() {
        return found.selectedProperty();
    }

    boolean isSpoken() {
        return said.isSelected();
    }

    private void update() {
        long open = book.open();
        int marked = desk.work().now().survey().noted().size();
        found.setText(marked == 0 ? "Findings" : "Findings " + marked);
        said.setText(open == 0 ? "Spoken" : "Spoken " + open);
        look.setText(looks.open() == 0 ? "Look" : "Look " + looks.open());
        looks.setVisible(look.isSelected());
        findings.setVisible(found.isSelected());
        sheet.setVisible(details.isSelected());
        spoken.setVisible(isSpoken());
    }
}
