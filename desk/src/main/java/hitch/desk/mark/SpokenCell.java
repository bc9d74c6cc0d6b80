package hitch.desk.mark;

import hitch.core.detail.Details;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.footage.ClockText;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.FactOfJob;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import hitch.core.talk.Contradiction;
import hitch.desk.Context;
import hitch.desk.mark.SpokenDesk.PlaceChosen;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One thing said: what, where, when, in which words, and what speaks against it. */
final class SpokenCell extends ListCell<SpokenLine> {
    private final Context desk;
    private final SpokenDesk spoken;
    private final Label time = Labels.of("", "measure");
    private final Label what = Labels.of("", "strong");
    private final Label place = Labels.of("", "measure");
    private final Label words = Labels.of("", "soft");
    private final Label state = Labels.of("", "soft");
    private final VBox against = new VBox(2);
    private final HBox row;

    SpokenCell(Context desk, SpokenDesk spoken) {
        this.desk = desk;
        this.spoken = spoken;
        time.setMinWidth(52);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        what.setMinWidth(40);
        place.setMinWidth(Region.USE_PREF_SIZE);
        state.setMinWidth(Region.USE_PREF_SIZE);
        HBox top = new HBox(8, what, gap, place);
        HBox under = new HBox(8, words, state);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        VBox said = new VBox(3, top, under, against);
        HBox.setHgrow(said, Priority.ALWAYS);
        row = new HBox(8, time, said);
        row.setAlignment(Pos.TOP_LEFT);
        row.setPrefWidth(10);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
    }

    @Override
    protected void updateItem(SpokenLine line, boolean empty) {
        super.updateItem(line, empty);
        if (empty || line == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        time.setText(ClockText.of(line.seconds()));
        what.setText(title(line.draft()));
        place.setText(place(line));
        words.setText("“" + line.draft().wording() + "”");
        state.setText(state(line));
        against.getChildren().setAll(line.isOpen() ? doubts(line) : List.of());
        row.setOpacity(line.isOpen() ? 1 : 0.55);
        setAccessibleText(
                what.getText() + ", " + place.getText() + ", said at " + time.getText() + ", " + state.getText());
        setGraphic(row);
    }

    static String title(Draft draft) {
        Optional<Details.Change> fact = FactOfJob.in(draft);
        if (fact.isPresent()) {
            // A field that takes the sentence itself is told by its name alone: the sentence stands below.
            boolean sentence = draft.wording().contains(fact.get().text().substring(1));
            return fact.get().detail().title()
                    + (sentence ? "" : ": " + fact.get().text());
        }
        String phrase = draft.matter() instanceof FindingKind
                ? finding(draft)
                : draft.matter().word();
        return draft.certainty().say(Character.toUpperCase(phrase.charAt(0)) + phrase.substring(1));
    }

    private static String finding(Draft draft) {
        return new Finding(
                        null, draft.kind(), null, Optional.empty(), draft.traits(), "", "", Optional.empty(), List.of())
                .phrase();
    }

    private String place(SpokenLine line) {
        LengthUnit unit = desk.work().now().survey().facts().unit();
        Optional<Draft.Place> said = line.draft().place();
        if (FactOfJob.in(line.draft()).isPresent()) {
            return "";
        }
        if (said.isPresent()) {
            return said.get().isPoint()
                    ? unit.show(said.get().from())
                    : unit.number(said.get().from()) + " to "
                            + unit.show(said.get().to());
        }
        return line.counter().map(c -> "(" + unit.show(c) + ")").orElse("");
    }

    private static String state(SpokenLine line) {
        Optional<Commentary.Settled> settled = line.settled();
        if (settled.isPresent()) {
            return settled.get().kept()
                    ? settled.get().finding().map(f -> "kept, " + f).orElse("kept")
                    : "refused";
        }
        if (FactOfJob.in(line.draft()).isPresent()) {
            return "of the job";
        }
        String how = line.placeHow();
        return line.twin().map(t -> "seen before: " + t.finding().id()).orElse(how.equals("said") ? "" : how);
    }

    private List<Node> doubts(SpokenLine line) {
        List<Node> labels = new ArrayList<>();
        for (Contradiction c : line.against()) {
            labels.add(wrapped(
                    Character.toUpperCase(c.words().charAt(0)) + c.words().substring(1) + "."));
        }
        line.placeInDoubt().ifPresent(c -> labels.add(choices(line, c)));
        if (!line.likely()) {
            labels.add(wrapped("Only sounds like it, most likely; look before you keep it."));
        } else if (line.spoken().likeness()) {
            labels.add(wrapped("Guessed from its wording; look before you keep it."));
        }
        if (line.draft().certainty() == Certainty.RULED_OUT && labels.isEmpty()) {
            labels.add(wrapped("Said not to be there; keeping it changes nothing but this list."));
        }
        return labels;
    }

    /** The places that may stand, each a button with its key. */
    private Node choices(SpokenLine line, Contradiction c) {
        LengthUnit unit = desk.work().now().survey().facts().unit();
        HBox row = new HBox(4, choice(line, "as said", "1", PlaceChosen.SAID));
        line.counter()
                .ifPresent(d ->
                        row.getChildren().add(choice(line, "counter " + unit.number(d), "2", PlaceChosen.COUNTER)));
        c.likely()
                .ifPresent(
                        d -> row.getChildren().add(choice(line, "likely " + unit.number(d), "3", PlaceChosen.LIKELY)));
        return row;
    }

    private Button choice(SpokenLine line, String text, String key, PlaceChosen chosen) {
        Button button = Labels.button(text, key, "Keep it " + text, () -> spoken.keepAt(line, chosen));
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private static Label wrapped(String text) {
        Label label = Labels.of(text, "against");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
