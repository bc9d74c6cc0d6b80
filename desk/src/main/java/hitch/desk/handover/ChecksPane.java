package hitch.desk.handover;

import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.parcel.Check;
import hitch.core.parcel.Checks;
import hitch.core.parcel.ParcelState;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is checked before a parcel goes out: each with the way to mend it, or a word why it is fine. */
final class ChecksPane extends VBox {
    private final Context desk;
    private Object shown;

    ChecksPane(Context desk) {
        super(8);
        this.desk = desk;
        setId("checks");
        managedProperty().bind(visibleProperty());
    }

    void show(ParcelState state) {
        Typing.orOnceLeft(this, () -> fill(state));
    }

    private void fill(ParcelState state) {
        Object now = List.of(state.checks(), state.recipient());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().setAll(Labels.heading("What is checked"));
        if (state.checks().items().isEmpty()) {
            getChildren().add(Labels.of("Everything that is checked is in order.", "soft"));
        }
        state.checks().items().forEach(i -> getChildren().add(row(state.recipient(), i)));
    }

    private Node row(Recipient whom, Checks.Item item) {
        Check check = item.check();
        Label mark = Labels.of(word(item), item.holds() ? "check-holds" : "check-told");
        mark.setMinWidth(USE_PREF_SIZE);
        Label words = Labels.of(check.words());
        words.setWrapText(true);
        FlowPane acts = new FlowPane(8, 6);
        acts.setAlignment(Pos.CENTER_LEFT);
        if (check.where() != Check.Where.HERE) {
            Button mend = Labels.button(check.mend(), "", check.mend() + ": " + check.words(), () -> go(check));
            mend.getStyleClass().addAll("quiet-act", "check-mend");
            acts.getChildren().add(mend);
        }
        if (check.weight() != Check.Weight.BLOCKS) {
            acts.getChildren().add(why(whom, item));
        }
        VBox text = new VBox(6, words);
        if (!acts.getChildren().isEmpty()) {
            text.getChildren().add(acts);
        }
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(12, mark, text);
        row.getStyleClass().add("list-row");
        return row;
    }

    private static String word(Checks.Item item) {
        if (item.check().weight() == Check.Weight.BLOCKS) {
            return "mend first";
        }
        return item.holds() ? "say why" : item.why().isPresent() ? "accepted" : "told";
    }

    private Node why(Recipient whom, Checks.Item item) {
        Check check = item.check();
        if (item.why().isPresent()) {
            Label said = Labels.of("\u201c" + item.why().orElse("") + "\u201d", "soft");
            said.setWrapText(true);
            Button open = Labels.button("Open again", "", "Open again: " + check.words(), () -> say(whom, check, null));
            open.getStyleClass().add("quiet-act");
            HBox row = new HBox(8, said, open);
            row.setAlignment(Pos.CENTER_LEFT);
            return row;
        }
        TextField field = new TextField();
        field.setPromptText("why it is fine as it is");
        field.setAccessibleText("Why it is fine as it is: " + check.words());
        field.getStyleClass().add("check-why");
        field.setPrefColumnCount(22);
        Typing.kept(field);
        field.setOnAction(e -> {
            if (!field.getText().isBlank()) {
                Typing.kept(field);
                say(whom, check, field.getText().strip());
            }
        });
        Button fine = Labels.button(
                "Fine",
                "",
                "It is fine: " + check.words(),
                () -> field.getOnAction().handle(null));
        fine.getStyleClass().add("quiet-act");
        HBox row = new HBox(8, field, fine);
        row.setAlignment(Pos.CENTER_LEFT);
        if (item.holds()) {
            return row;
        }
        // What is only told can be left as it is; the field comes when it is asked for.
        HBox place = new HBox();
        Button ask = Labels.button("It is fine because…", "", "Say why it is fine: " + check.words(), () -> {
            place.getChildren().setAll(row);
            field.requestFocus();
        });
        ask.getStyleClass().add("quiet-act");
        place.getChildren().add(ask);
        return place;
    }

    private void say(Recipient whom, Check check, String why) {
        desk.work().apply(new Edit.AcceptCheck(whom.word(), check.key(), Optional.ofNullable(why)));
    }

    private void go(Check check) {
        Survey survey = desk.work().now().survey();
        check.finding()
                .flatMap(survey::thing)
                .ifPresentOrElse(
                        f -> desk.goTo(f), () -> desk.show(check.where().ordinal()));
    }
}
