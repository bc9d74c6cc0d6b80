package hitch.desk.firm;

import hitch.core.judge.Difference;
import hitch.core.rules.HouseRules;
import hitch.core.rules.Rule;
import hitch.core.rules.RulesText;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Every house rule of the job with its reason, to be searched and changed; while one is typed it tells what of this job it would change. */
final class RuleList extends VBox {
    private final Context desk;
    private final RuleDesk rules;
    private final TextField search = new TextField();
    private final VBox rows = new VBox(10);

    RuleList(Context desk) {
        super(12);
        this.desk = desk;
        this.rules = new RuleDesk(desk.work());
        setId("rules");
        getStyleClass().add("page");
        search.setId("rule-search");
        search.setPromptText("Search the rules: roots, liner, months…");
        search.setAccessibleText("Search the rules");
        search.textProperty().addListener((o, was, is) -> fill());
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .addAll(
                        new HBox(12, Labels.heading("House rules of this job")),
                        Labels.of("The firm's own numbers. Local code decides where it speaks.", "soft"),
                        Fields.named("Search", search),
                        scroll);
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (was == null || !was.job().rules().equals(is.job().rules())) {
                Typing.orOnceLeft(rows, this::fill);
            }
        });
        fill();
    }

    void search() {
        search.requestFocus();
    }

    private void fill() {
        List<Node> shown = Rule.of(rules.rules()).stream()
                .filter(r -> search.getText().isBlank() || r.speaksOf(search.getText()))
                .map(this::row)
                .toList();
        rows.getChildren().setAll(shown);
        if (shown.isEmpty()) {
            rows.getChildren().add(Labels.of("No rule speaks of \"" + search.getText() + "\".", "soft"));
        }
    }

    private Node row(Rule rule) {
        Label effect = Labels.of("", "small");
        effect.setWrapText(true);
        effect.setMinHeight(Region.USE_PREF_SIZE);
        effect.getStyleClass().add("effect");
        effect.setVisible(false);
        effect.setManaged(false);
        Label reason = Labels.of(rule.reason(), "soft", "small");
        reason.setWrapText(true);
        reason.setMinHeight(Region.USE_PREF_SIZE);
        VBox words = new VBox(2, Labels.of(rule.title(), "strong"), reason, effect);
        HBox.setHgrow(words, Priority.ALWAYS);
        Node field = rule.choices().isEmpty() ? field(rule, effect) : choice(rule);
        HBox row = new HBox(16, words, field);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        return row;
    }

    private Node field(Rule rule, Label effect) {
        double width = rule.value().length() > 16 ? 300 : 112;
        TextField field = Fields.text(rule.title(), rule.value(), width, typed -> rules.change(rule.name(), typed));
        field.setId("rule-" + rule.name().replace('.', '-'));
        field.textProperty().addListener((o, was, is) -> tell(rule, is, effect));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                effect.setVisible(false);
                effect.setManaged(false);
            }
        });
        return field;
    }

    private Node choice(Rule rule) {
        return Fields.choice(
                rule.title(),
                rule.choices(),
                rule.value(),
                v -> v.replace('-', ' '),
                v -> rules.change(rule.name(), v));
    }

    /** What the job would come to with what is typed so far. */
    private void tell(Rule rule, String typed, Label effect) {
        HouseRules changed;
        try {
            changed = RulesText.with(rules.rules(), rule.name(), typed);
        } catch (IllegalArgumentException e) {
            say(effect, e.getMessage());
            return;
        }
        rules.wouldComeTo(
                changed, then -> say(effect, Difference.words(desk.work().now().judged(), then)));
    }

    private static void say(Label effect, String words) {
        effect.setText(words);
        effect.setVisible(true);
        effect.setManaged(true);
    }
}
