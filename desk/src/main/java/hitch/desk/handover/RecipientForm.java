package hitch.desk.handover;

import hitch.core.disclosure.Recipient;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Says what a kind of recipient of the firm's own may see, and how it is told. */
final class RecipientForm extends VBox {
    private final Context desk;
    private final TextField title = new TextField();
    private final TextField wants = new TextField();
    private final ComboBox<Recipient.Part> part;
    private final ComboBox<Recipient.Tone> tone;
    private final CheckBox people = new CheckBox("may know who lives there");
    private final CheckBox advised = new CheckBox("is told what to do");
    private final Consumer<Recipient> added;

    /**
     * @param added told which one was added
     */
    RecipientForm(Context desk, Consumer<Recipient> added) {
        super(8);
        this.desk = desk;
        this.added = added;
        setId("recipient-form");
        title.setId("recipient-title");
        title.setAccessibleText("What the recipient is called");
        title.setPromptText("Neighbour");
        wants.setAccessibleText("What the recipient wants to know");
        wants.setPromptText("what comes from next door");
        wants.setPrefColumnCount(22);
        // The least is shown where nothing is chosen.
        part = Fields.choice(
                "What of the line it sees",
                List.of(Recipient.Part.values()),
                Recipient.Part.PUBLIC,
                RecipientForm::words,
                p -> {});
        tone = Fields.choice(
                "How it is told",
                List.of(Recipient.Tone.values()),
                Recipient.Tone.RECORD,
                RecipientForm::words,
                t -> {});
        Button add = Labels.button("Add", "", "Add this kind of recipient", this::add);
        add.setId("recipient-add");
        FlowPane row = new FlowPane(
                12,
                8,
                Fields.named("Called", title),
                Fields.named("Wants to know", wants),
                Fields.named("Sees", part),
                Fields.named("Told", tone),
                people,
                advised,
                add);
        row.setRowValignment(javafx.geometry.VPos.BOTTOM);
        row.setAlignment(Pos.BOTTOM_LEFT);
        getChildren().addAll(Labels.heading("Another kind of recipient"), row);
    }

    private static String words(Recipient.Part part) {
        return part == Recipient.Part.WHOLE ? "the whole line" : "the public part only";
    }

    private static String words(Recipient.Tone tone) {
        return switch (tone) {
            case OWNER -> "as an owner";
            case BUYER -> "as a buyer";
            case RECORD -> "plain facts";
        };
    }

    private void add() {
        String word = title.getText()
                .strip()
                .toLowerCase(Locale.ROOT)
                .replace("'", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        try {
            Recipient one = new Recipient(
                    word,
                    title.getText(),
                    wants.getText(),
                    part.getValue(),
                    tone.getValue(),
                    people.isSelected(),
                    advised.isSelected());
            if (desk.work().firm().add(one)) {
                added.accept(one);
            }
        } catch (IllegalArgumentException e) {
            desk.work().notices().say("Type what the recipient is called, in letters and figures; nothing was added.");
        }
    }
}
