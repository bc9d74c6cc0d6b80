package hitch.desk.mark;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.talk.Commentary;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** Finds words in the whole commentary; a click goes to where they were said. */
final class TalkSearch extends VBox {
    private static final int SHOWN = 50;

    private record Hit(Clip clip, double seconds, String text) {}

    private final Context desk;
    private final TextField field = new TextField();
    private final ListView<Hit> hits = new ListView<>();

    TalkSearch(Context desk) {
        this.desk = desk;
        setSpacing(4);
        field.setId("talk-search");
        field.setPromptText("Find in what was said");
        field.setAccessibleText("Find in what was said");
        hits.setId("talk-hits");
        hits.setAccessibleText("Captions found");
        hits.setPrefHeight(112);
        hits.setMinHeight(96);
        hits.setPlaceholder(Labels.of("Nobody said that.", "soft"));
        hits.setCellFactory(v -> new ListCell<>() {
            @Override
            protected void updateItem(Hit hit, boolean empty) {
                super.updateItem(hit, empty);
                Label label = empty ? null : Labels.of(ClockText.of(hit.seconds()) + "   " + hit.text());
                setGraphic(label);
                setPrefWidth(10);
            }
        });
        hits.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null) {
                desk.player().seek(is.clip(), Math.max(0, is.seconds()));
            }
        });
        field.textProperty().addListener((o, was, is) -> find(is));
        show(false);
        getChildren().addAll(field, hits);
    }

    private void show(boolean on) {
        hits.setVisible(on);
        hits.setManaged(on);
    }

    private void find(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        show(!wanted.isEmpty());
        List<Hit> found = new ArrayList<>();
        for (Commentary c : desk.work().now().job().talk()) {
            Optional<Clip> clip = desk.work().now().survey().clip(c.clip());
            for (Cue cue : c.cues()) {
                boolean hit = found.size() < SHOWN
                        && cue.text().toLowerCase(Locale.ROOT).contains(wanted);
                if (hit && clip.isPresent()) {
                    found.add(new Hit(clip.get(), cue.start() + c.offset(), cue.text()));
                }
            }
        }
        hits.getItems().setAll(found);
    }
}
