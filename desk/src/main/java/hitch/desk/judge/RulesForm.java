package hitch.desk.judge;

import hitch.core.measure.Distance;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulePart;
import hitch.core.rules.ShowingRules;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The house rules as numbers to be edited; kept when a field is left. */
final class RulesForm extends VBox {
    private final Context desk;

    RulesForm(Context desk) {
        this.desk = desk;
        setSpacing(12);
        getStyleClass().add("page");
        Label about = Labels.of("The firm's own numbers. Local code decides where it speaks.", "soft");
        about.setWrapText(true);
        getChildren().addAll(Labels.heading("House rules"), about, new FirmRules(desk));
        rule(
                "Roots are a repair from",
                "% of the bore",
                1,
                100,
                r -> r.weighing().rootShareToMend(),
                (r, v) -> r.weighing().withRoots((int) Math.round(v)));
        rule(
                "An offset needs care from",
                "in",
                0.1,
                12,
                r -> sixteenths(r.weighing().offsetToTend()),
                (r, v) -> r.weighing()
                        .withOffsets(Distance.inches(v), r.weighing().offsetToMend()));
        rule(
                "An offset is a repair from",
                "in",
                0.1,
                12,
                r -> sixteenths(r.weighing().offsetToMend()),
                (r, v) -> r.weighing().withOffsets(r.weighing().offsetToTend(), Distance.inches(v)));
        rule(
                "Standing water needs care from",
                "ft",
                0.5,
                500,
                r -> r.weighing().waterToTend().inFeet(),
                (r, v) -> r.weighing().withWater(Distance.feet(v)));
        rule(
                "Clean again after roots in",
                "months",
                1,
                120,
                r -> r.care().monthsBetweenCleanings(),
                (r, v) -> r.care().every((int) Math.round(v)));
        rule(
                "Footage shown before a finding",
                "s",
                0,
                30,
                r -> r.showing().before(),
                (r, v) -> new ShowingRules(v, r.showing().after()));
        rule(
                "Footage shown after it",
                "s",
                0,
                30,
                r -> r.showing().after(),
                (r, v) -> new ShowingRules(r.showing().before(), v));
        getChildren().add(new LineRulesForm(desk));
        getChildren().add(new OwnWords(desk));
    }

    /** Inches as people set them: whole millimetres are finer than any rule. */
    private static double sixteenths(Distance size) {
        return Math.round(size.inInches() * 16) / 16.0;
    }

    private void rule(
            String label,
            String unit,
            double least,
            double most,
            Function<HouseRules, Number> get,
            BiFunction<HouseRules, Double, RulePart> set) {
        TextField field = new TextField();
        field.setPrefColumnCount(5);
        field.setAccessibleText(label + ", " + unit);
        Runnable fill = () -> field.setText(String.format(
                        Locale.ROOT,
                        "%.2f",
                        get.apply(desk.work().now().survey().rules()).doubleValue())
                .replaceAll("\\.?0+$", ""));
        Runnable keep = () -> {
            try {
                double value = Double.parseDouble(field.getText().strip());
                HouseRules rules = desk.work().now().survey().rules();
                if (value < least || value > most) {
                    throw new NumberFormatException();
                }
                if (Math.abs(get.apply(rules).doubleValue() - value) > 0.005) {
                    desk.work().changeRules(r -> set.apply(r, value));
                }
            } catch (NumberFormatException e) {
                desk.work()
                        .notices()
                        .say("\"" + field.getText() + "\" is not a number from " + least + " to " + most
                                + "; the rule was left as it was.");
                fill.run();
            }
        };
        field.setOnAction(e -> keep.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep.run();
            }
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (!field.isFocused()) {
                fill.run();
            }
        });
        fill.run();
        HBox row = new HBox(8, field, Labels.of(unit, "soft"));
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().add(new VBox(2, Labels.of(label, "field-label"), row));
    }
}
