package hitch.desk.judge;

import hitch.core.decide.Choice;
import hitch.core.decide.Decision;
import hitch.core.decide.Grouping;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import hitch.desk.widget.Typing;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The chosen ask: what, when, who; why, and what would change it; where on the pipe; its pictures. Every part is the reviewer's to change. */
final class AskPane extends VBox {
    private static final double WORDS = 700;
    private static final int PICTURES = 4;

    private final Context desk;
    private final ObjectProperty<String> chosen;
    private final Decider decider;
    private final TextField why = new TextField();

    AskPane(Context desk, ObjectProperty<String> chosen, Decider decider) {
        super(12);
        this.desk = desk;
        this.chosen = chosen;
        this.decider = decider;
        setId("ask");
        getStyleClass().add("ask");
        why.setId("decline-why");
        why.setPromptText("a word why, then Enter");
        why.setAccessibleText("Why it is declined");
        why.setOnAction(
                e -> ask().ifPresent(a -> decider.decline(a, why.getText().strip())));
        chosen.addListener((o, was, is) -> fill());
        fill();
    }

    Optional<Ask> ask() {
        return desk.work().now().judged().asks().stream()
                .filter(a -> a.id().equals(chosen.get()))
                .findFirst();
    }

    /** Puts the hand where a word why goes. */
    void decline() {
        why.requestFocus();
    }

    /** Shows the footage of what it rests on. */
    void footage() {
        ask().flatMap(a -> a.matters().stream().flatMap(m -> m.worst().stream()).findFirst())
                .ifPresent(desk::goTo);
    }

    void refresh() {
        Typing.orOnceLeft(this, this::fill);
    }

    private void fill() {
        getChildren().clear();
        ask().ifPresentOrElse(this::show, () -> getChildren().add(Labels.of("Choose an ask at the left.", "soft")));
    }

    private void show(Ask ask) {
        Survey survey = desk.work().now().survey();
        boolean own = ask.standing() == Choice.Standing.OWN;
        TextArea words = Fields.paragraph("What is asked for", ask.text(), WORDS, typed -> word(ask, typed));
        words.setId("ask-words");
        words.getStyleClass().addAll("script-words", "ask-words");
        getChildren().addAll(words, decided(ask, own), fields(ask, own));
        ask.remedy().ifPresent(r -> {
            AskStrip.of(survey, ask, desk.theme().tones(), e -> decider.change(ask, c -> c.withExtent(Optional.of(e))))
                    .ifPresent(getChildren()::add);
            getChildren().addAll(pictures(ask, survey), reasons(ask, r));
            ask.matters().stream()
                    .filter(m -> !m.findings().isEmpty())
                    .findFirst()
                    .ifPresent(m -> getChildren().add(new MatterTools(desk.work(), ask, m)));
        });
        if (!ask.why().isBlank()) {
            getChildren().add(Words.led("Said", List.of(ask.why())));
        }
    }

    private Node decided(Ask ask, boolean own) {
        if (own) {
            Button drop = Labels.button("Drop it", "", "Drop this ask", () -> decider.drop(ask));
            drop.setId("ask-drop");
            return new HBox(8, drop);
        }
        Button accept =
                Labels.button("Accept", Act.ASK_ACCEPT.key(), Act.ASK_ACCEPT.words(), () -> decider.accept(ask));
        accept.setId("ask-accept");
        accept.getStyleClass().add("main-action");
        Button decline = Labels.button(
                "Decline",
                Act.ASK_DECLINE.key(),
                Act.ASK_DECLINE.words(),
                () -> decider.decline(ask, why.getText().strip()));
        decline.setId("ask-decline");
        Button back = Labels.button(
                "As proposed", Act.ASK_PROPOSED.key(), Act.ASK_PROPOSED.words(), () -> decider.asProposed(ask));
        back.setId("ask-proposed");
        back.setDisable(ask.standing() == Choice.Standing.PROPOSED);
        why.setText(ask.isDeclined() ? ask.why() : "");
        FlowPane row = new FlowPane(8, 4, accept, decline, why, back);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getChildren()
                .add(Labels.of(
                        ask.standing().state() + (ask.overtaken() ? "; the facts have changed since" : ""),
                        ask.overtaken() ? "against" : "soft"));
        return row;
    }

    private Node fields(Ask ask, boolean own) {
        var when = Fields.choice("How soon", List.of(When.values()), ask.when(), When::word, w -> {
            if (own) {
                decider.rewrite(ask, o -> o.withWhen(w));
            } else {
                decider.change(ask, c -> c.withWhen(Optional.of(w)));
            }
        });
        var who = Fields.choice("Who is asked", List.of(Who.values()), ask.who(), Who::word, w -> {
            if (own) {
                decider.rewrite(ask, o -> o.withWho(w));
            } else {
                decider.change(ask, c -> c.withWho(Optional.of(w)));
            }
        });
        TextField due = Fields.text(
                "By when", ask.due().map(LocalDate::toString).orElse(""), 118, typed -> due(ask, own, typed));
        due.setId("ask-due");
        due.setPromptText("yyyy-mm-dd");
        FlowPane row =
                new FlowPane(16, 4, Fields.named("How soon", when), Fields.named("Who", who), Fields.named("By", due));
        return row;
    }

    private void due(Ask ask, boolean own, String typed) {
        try {
            Optional<String> date = typed.isBlank()
                    ? Optional.empty()
                    : Optional.of(LocalDate.parse(typed).toString());
            if (own) {
                decider.rewrite(ask, o -> o.withDue(date));
            } else {
                decider.change(ask, c -> c.withDue(date));
            }
        } catch (DateTimeException e) {
            desk.work()
                    .notices()
                    .say("\"" + typed + "\" is no date; it is written like 2027-03-31. The date was left as it was.");
            fill();
        }
    }

    private void word(Ask ask, String typed) {
        if (ask.standing() == Choice.Standing.OWN) {
            if (!typed.isBlank()) {
                decider.rewrite(ask, o -> o.withText(typed));
            }
        } else {
            decider.change(ask, c -> c.withText(typed.isBlank() ? Optional.empty() : Optional.of(typed)));
        }
    }

    private Node pictures(Ask ask, Survey survey) {
        FlowPane row = new FlowPane(12, 8);
        boolean several =
                ask.matters().stream().mapToInt(m -> m.findings().size()).sum() > 1;
        ask.matters().stream()
                .flatMap(m -> m.findings().stream())
                .filter(f -> survey.clip(f.finding().frame().clip()).isPresent())
                .limit(PICTURES)
                .forEach(f -> row.getChildren().add(picture(f, survey, several)));
        return row;
    }

    private Node picture(LocatedFinding found, Survey survey, boolean severable) {
        StillView still = new StillView(160, 107);
        still.show(desk.work().still(found.finding()));
        String place = survey.line()
                .place(found, survey.facts().unit())
                .map(PlaceWords::all)
                .orElse("no place");
        VBox box = new VBox(
                2, still, Labels.of(found.finding().kind().title(), "small"), Labels.of(place, "measure", "small"));
        Button button = new Button("", box);
        button.getStyleClass().add("bare");
        button.setAccessibleText(
                "Go to " + found.finding().id() + " " + found.finding().kind().word() + " " + place);
        button.setOnAction(e -> desk.goTo(found));
        if (!severable) {
            return button;
        }
        Button apart = Labels.button(
                "Apart",
                "",
                "Make a matter of its own of " + found.finding().id(),
                () -> desk.work().changes().decide(new Decision.AsOne(new Grouping(Set.copyOf(found.ids()), ""))));
        apart.getStyleClass().add("quiet");
        return new VBox(4, button, apart);
    }

    private static Node reasons(Ask ask, Remedy r) {
        VBox all = new VBox(
                8,
                Words.led("First", r.first(), "strong"),
                Words.led("Because", r.because().stream().map(Reason::text).toList()),
                Words.led("Unless", r.unless()),
                Words.led("Best", r.occasion().stream().toList()),
                Words.led("Else", r.fallback().stream().toList()),
                Words.led("Mind", r.cautions().stream().map(Caution::text).toList(), "soft"));
        if (!r.cost().unpriced().isBlank()) {
            all.getChildren().add(Words.led("Cost", List.of(r.cost().unpriced())));
        } else if (!r.cost().lines().isEmpty()) {
            all.getChildren().add(Words.led("Cost", r.cost().lines(), "measure", "small"));
        }
        all.setId("ask-reasons");
        all.setAccessibleText("Why: " + ask.title());
        return all;
    }
}
