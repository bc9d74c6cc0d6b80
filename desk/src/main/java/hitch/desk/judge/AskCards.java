package hitch.desk.judge;

import hitch.core.decide.Choice;
import hitch.core.judge.ask.Ask;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Rope;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The asks in order as cards, the chosen one marked; at the foot a field for one of one's own. */
final class AskCards extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Context desk;
    private final ObjectProperty<String> chosen;
    private final VBox cards = new VBox(8);
    private final TextField own = new TextField();

    /**
     * @param chosen id of the chosen ask; null for none
     */
    AskCards(Context desk, ObjectProperty<String> chosen, Decider decider) {
        this.desk = desk;
        this.chosen = chosen;
        setId("asks");
        getStyleClass().add("asks");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        own.setId("own-ask");
        own.setPromptText("An ask of your own");
        own.setAccessibleText("Write an ask of your own");
        own.setOnAction(e -> {
            String text = own.getText().strip();
            if (!text.isEmpty()) {
                own.clear();
                decider.write(text);
            }
        });
        HBox foot = new HBox(8, own, Labels.of(Act.ASK_WRITE.key(), "key"));
        HBox.setHgrow(own, Priority.ALWAYS);
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(scroll, foot);
        setSpacing(8);
        chosen.addListener((o, was, is) -> fill());
        fill();
    }

    /** Puts the hand into the field for one's own. */
    void write() {
        own.requestFocus();
    }

    /** Chooses the next ask, or the one before. */
    void step(int by) {
        List<String> ids =
                desk.work().now().judged().asks().stream().map(Ask::id).toList();
        int at = ids.indexOf(chosen.get());
        if (!ids.isEmpty()) {
            chosen.set(ids.get(Math.clamp(at + by, 0, ids.size() - 1)));
        }
    }

    void fill() {
        List<Ask> asks = desk.work().now().judged().asks();
        cards.getChildren().setAll(asks.stream().map(this::card).toList());
        if (asks.isEmpty()) {
            cards.getChildren().add(Words.wrapped("Nothing that was found asks for anything.", "soft"));
        }
    }

    private Node card(Ask ask) {
        Label when = Labels.of(ask.soon(), "measure");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(8, new Rope(ask.weight(), desk.theme().tones()), gap, when);
        top.setAlignment(Pos.CENTER_LEFT);
        VBox card = new VBox(4, top, Words.wrapped(ask.title(), "strong"));
        ask.remedy()
                .ifPresent(r -> card.getChildren().add(Words.wrapped(r.work().title(), "soft")));
        place(ask).ifPresent(p -> card.getChildren().add(Words.wrapped(p, "measure", "small")));
        state(ask).ifPresent(s -> card.getChildren().add(s));
        card.getStyleClass().addAll("card", "ask-card");
        card.pseudoClassStateChanged(CHOSEN, ask.id().equals(chosen.get()));
        card.setOpacity(ask.isDeclined() ? 0.6 : 1);
        card.setFocusTraversable(true);
        card.setAccessibleRole(AccessibleRole.BUTTON);
        card.setAccessibleText(ask.soon() + ": " + ask.title());
        card.setOnMouseClicked(e -> chosen.set(ask.id()));
        card.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.SPACE) {
                chosen.set(ask.id());
                e.consume();
            }
        });
        return card;
    }

    /** Where it lies: the matters' own place, however far the work goes. */
    private Optional<String> place(Ask ask) {
        return ask.matters().stream()
                .filter(m -> m.extent().isPresent())
                .findFirst()
                .map(m -> desk.work()
                        .now()
                        .survey()
                        .line()
                        .place(
                                m.branch(),
                                m.extent().get(),
                                desk.work().now().survey().facts().unit())
                        .all());
    }

    private static Optional<Node> state(Ask ask) {
        String text = ask.overtaken()
                ? ask.standing().state() + "; the facts have changed since"
                : ask.standing() == Choice.Standing.PROPOSED
                        ? ""
                        : ask.standing().state() + (ask.why().isBlank() ? "" : ": " + ask.why());
        return text.isEmpty()
                ? Optional.empty()
                : Optional.of(Words.wrapped(text, ask.overtaken() ? "against" : "small"));
    }
}
