package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.job.Edit;
import hitch.core.story.LastLook;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.desk.Context;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A last look before it goes out: each shot from above ground, and each name that is spoken. */
final class LookPane extends VBox {
    private static final double PICTURE = 128;
    private static final double CARD = 408;

    private final Context desk;
    private Object shown;
    private long asked;

    LookPane(Context desk) {
        super(10);
        this.desk = desk;
        setId("last-look");
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    /** Shows what is still to be looked at of the film that a recipient gets; nothing where nothing is. */
    void show(Disclosure may, StoryWish wish) {
        long mine = ++asked;
        desk.work()
                .inBackground(
                        () -> {
                            Story story = ScriptWriter.write(may, wish);
                            return LastLook.of(may, story);
                        },
                        look -> {
                            if (mine == asked) {
                                fill(may, look);
                            }
                        });
    }

    private void fill(Disclosure may, LastLook look) {
        List<LastLook.Item> open = look.open();
        Object now = List.of(open, may.recipient());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        setVisible(!open.isEmpty());
        getChildren().clear();
        if (open.isEmpty()) {
            return;
        }
        Button all = Labels.button(
                "All of it is fine",
                "",
                "All of what is left to look at is fine",
                () -> fine(may, open.stream().map(LastLook.Item::key).toList()));
        all.setId("look-all-fine");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.heading("A last look"), gap, all);
        top.setAlignment(Pos.CENTER_LEFT);
        FlowPane cards = new FlowPane(12, 12);
        open.forEach(i -> cards.getChildren().add(card(may, i)));
        getChildren()
                .addAll(
                        top,
                        Labels.of(
                                "Shots from above ground and names that are spoken. What is not looked at goes out as it is; the manifest says so.",
                                "soft"),
                        cards);
    }

    private Node card(Disclosure may, LastLook.Item item) {
        HBox row = new HBox(12);
        row.getStyleClass().add("list-row");
        row.setPrefWidth(CARD);
        VBox text = new VBox(6);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox acts = new HBox(8);
        Button fine = Labels.button("Fine", "", item.title() + " is fine", () -> fine(may, List.of(item.key())));
        fine.getStyleClass().add("look-fine");
        acts.getChildren().add(fine);
        item.frame().ifPresent(f -> {
            FramePicture picture = new FramePicture(desk, PICTURE);
            picture.seenBy(may);
            picture.show(f, item.title());
            row.getChildren().add(picture);
            Button hide = Labels.button("Hide a part…", "", "Hide a part of " + item.title(), () -> desk.hide(f));
            hide.getStyleClass().add("look-hide");
            acts.getChildren().add(hide);
        });
        Label title = Labels.of(
                item.name().isBlank() ? item.title() : "\u201c" + item.name() + "\u201d is said in " + item.title(),
                "strong");
        title.setWrapText(true);
        text.getChildren().add(title);
        for (String hidden : item.hidden()) {
            Label line = Labels.of(hidden, "soft");
            line.setWrapText(true);
            text.getChildren().add(line);
        }
        text.getChildren().add(acts);
        row.getChildren().add(text);
        return row;
    }

    private void fine(Disclosure may, List<String> keys) {
        desk.work().apply(new Edit.LookOver(may.recipient().word(), new ArrayList<>(keys)));
    }
}
