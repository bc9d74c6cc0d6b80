package hitch.desk.load;

import hitch.core.judge.missing.Missing;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is missing before the van leaves: a short list to be read out over the telephone, or copied into a message. */
final class MissingPane extends VBox {
    private final Context desk;
    private final Runnable gone;
    private List<Missing> shown = List.of();

    /** @param gone runs before somebody is led to a finding */
    MissingPane(Context desk, Runnable gone) {
        super(6);
        this.desk = desk;
        this.gone = gone;
        setId("missing");
        managedProperty().bind(visibleProperty());
        ChangeListener<Snapshot> told = (o, was, is) -> ask(is);
        sceneProperty().addListener((o, was, is) -> {
            desk.work().snapshotProperty().removeListener(told);
            if (is != null) {
                desk.work().snapshotProperty().addListener(told);
                ask(desk.work().now());
            }
        });
        setVisible(false);
    }

    private void ask(Snapshot now) {
        desk.work().inBackground(() -> Missing.of(now.survey(), now.judged()), this::show);
    }

    private void show(List<Missing> found) {
        setVisible(!found.isEmpty());
        if (found.equals(shown)) {
            return;
        }
        shown = found;
        Button copy = Labels.button("Copy", "", "Copy what is missing as text", this::copy);
        copy.setId("copy-missing");
        HBox top = new HBox(12, Labels.heading("Before the van leaves"), copy);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(top);
        for (int i = 0; i < found.size(); i++) {
            getChildren().add(row(i + 1, found.get(i)));
        }
    }

    private Node row(int number, Missing missing) {
        Label count = Labels.of(number + ".", "soft", "measure");
        count.setMinWidth(28);
        Label todo = wrapped(missing.todo(), "strong");
        Label why = wrapped(missing.why(), "soft");
        HBox row = new HBox(8, count, new VBox(1, todo, why));
        row.getStyleClass().add("list-row");
        missing.finding().flatMap(id -> desk.work().now().survey().finding(id)).ifPresent(f -> {
            Button go = Labels.button("Go there", "", "Go to " + f.finding().phrase(), () -> {
                gone.run();
                desk.open(f.finding().id(), f.finding().frame());
            });
            go.setMinWidth(Region.USE_PREF_SIZE);
            row.getChildren().add(go);
        });
        HBox.setHgrow(row.getChildren().get(1), Priority.ALWAYS);
        return row;
    }

    private static Label wrapped(String text, String style) {
        Label label = Labels.of(text, style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private void copy() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < shown.size(); i++) {
            text.append(i + 1).append(". ").append(shown.get(i).words()).append('\n');
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(text.toString());
        Clipboard.getSystemClipboard().setContent(content);
        desk.work().notices().say("What is missing can be pasted into a message.");
    }
}
