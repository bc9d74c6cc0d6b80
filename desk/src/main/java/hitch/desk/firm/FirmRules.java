package hitch.desk.firm;

import hitch.core.job.Edit;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RuleChange;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Tells where this job's rules and the firm's differ, and brings them together either way. */
final class FirmRules extends VBox {
    private final Context desk;

    FirmRules(Context desk) {
        this.desk = desk;
        setId("firm-rules");
        setSpacing(6);
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.work().firm().rulesProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void fill() {
        HouseRules here = desk.work().now().job().rules();
        HouseRules firm = desk.work().firm().rulesProperty().get();
        List<RuleChange> changes = RuleChange.between(here, firm);
        getChildren().clear();
        setVisible(!changes.isEmpty());
        setManaged(!changes.isEmpty());
        if (changes.isEmpty()) {
            return;
        }
        Label told = Labels.of("The firm's rules are others than this job's", "strong");
        told.setWrapText(true);
        getChildren().add(told);
        for (RuleChange change : changes) {
            Label line = Labels.of(
                    change.words() + ": " + or(change.here()) + " here, " + or(change.there()) + " in the firm's",
                    "soft");
            line.setWrapText(true);
            getChildren().add(line);
        }
        Button take = Labels.button(
                "Take the firm's",
                "",
                "Take the firm's rules into this job",
                () -> desk.work().apply(new Edit.TakeRules(firm)));
        take.setId("take-firm-rules");
        Button make = Labels.button(
                "Make these the firm's",
                "",
                "Make this job's rules the firm's",
                () -> desk.work().firm().keep(here));
        make.setId("make-firm-rules");
        getChildren().add(new FlowPane(8, 4, take, make));
    }

    private static String or(String value) {
        return value.isEmpty() ? "none" : value;
    }
}
