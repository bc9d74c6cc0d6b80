package hitch.desk.judge;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.Advice;
import hitch.core.judge.Adviser;
import hitch.core.judge.Cautions;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Rope;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What Hitch proposes, and the rules it goes by. */
public final class JudgeBench implements Bench {
    private final Context desk;
    private final HBox root = new HBox();
    private final VBox cards = new VBox(12);

    public JudgeBench(Context desk) {
        this.desk = desk;
        cards.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        ScrollPane rules = new ScrollPane(new RulesForm(desk));
        rules.setFitToWidth(true);
        rules.getStyleClass().addAll("side-scroll", "rules-side");
        root.getChildren().addAll(scroll, rules);
        root.getStyleClass().add("bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.theme().darkProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void fill() {
        Survey survey = desk.work().now().survey();
        cards.getChildren().setAll(weights(survey), Labels.heading("Advice"));
        Adviser.advise(survey).forEach(a -> cards.getChildren().add(card(a, survey)));
        if (Adviser.advise(survey).isEmpty()) {
            cards.getChildren().add(Labels.of("Nothing marked so far calls for advice.", "soft"));
        }
        VBox cautions = new VBox(4, Labels.heading("Mind"));
        Cautions.ALL.forEach(c -> cautions.getChildren().add(wrapped(c, "soft")));
        cards.getChildren().add(cautions);
    }

    private Node weights(Survey survey) {
        HBox row = new HBox(32);
        for (Weight weight : Weight.values()) {
            VBox box = new VBox(
                    2,
                    Labels.of(Long.toString(survey.count(weight)), "measure-large"),
                    new Rope(weight, desk.theme().tones()),
                    Labels.of(weight.word(), "strong"));
            row.getChildren().add(box);
        }
        return row;
    }

    private Node card(Advice advice, Survey survey) {
        VBox card = new VBox(6, wrapped(advice.proposal(), "strong", "large"), reason("Because", advice.because()));
        if (!advice.unless().isBlank()) {
            card.getChildren().add(reason("Unless", advice.unless()));
        }
        FlowPane rests = new FlowPane(12, 4);
        for (FindingId id : advice.restsOn()) {
            survey.finding(id).ifPresent(f -> rests.getChildren().add(link(f, survey)));
        }
        card.getChildren().add(rests);
        card.getStyleClass().add("card");
        return card;
    }

    private Node link(LocatedFinding found, Survey survey) {
        Hyperlink link = new Hyperlink(
                found.finding().id() + " " + found.finding().kind().word() + " "
                        + survey.line()
                                .place(found, survey.facts().unit())
                                .map(PlaceWords::all)
                                .orElse(""));
        link.setOnAction(e -> desk.goTo(found));
        link.setAccessibleText("Go to " + link.getText());
        return link;
    }

    private static Node reason(String word, String text) {
        Label lead = Labels.of(word, "soft");
        lead.setMinWidth(Region.USE_PREF_SIZE);
        lead.getStyleClass().add("lead");
        Label words = wrapped(text);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(8, lead, words);
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    private static Label wrapped(String text, String... styles) {
        Label label = Labels.of(text, styles);
        label.setWrapText(true);
        label.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        return label;
    }

    @Override
    public String title() {
        return "Judge";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        int count = Adviser.advise(now.survey()).size();
        return count == 0 ? "" : Integer.toString(count);
    }
}
