package hitch.desk.judge;

import hitch.core.measure.Distance;
import hitch.core.rules.LineRules;
import hitch.core.rules.OwnersReach;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The house rules for the pipe itself: whose it is, its openings, its fall, what a tool reaches. */
final class LineRulesForm extends VBox {
    private final Context desk;

    LineRulesForm(Context desk) {
        super(8);
        this.desk = desk;
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (was == null
                    || !was.survey().rules().line().equals(is.survey().rules().line())) {
                Typing.orOnceLeft(this, this::fill);
            }
        });
        fill();
    }

    private LineRules rules() {
        return desk.work().now().survey().rules().line();
    }

    private void fill() {
        LineRules r = rules();
        getChildren()
                .setAll(
                        Labels.heading("The line"),
                        Fields.named(
                                "The owner's pipe goes",
                                Fields.choice(
                                        "The owner's pipe goes",
                                        List.of(OwnersReach.values()),
                                        r.school(),
                                        OwnersReach::word,
                                        s -> put(x -> x.withSchool(s)))),
                        number(
                                "An opening at least every",
                                "ft",
                                10,
                                1000,
                                r.openingEvery().inFeet(),
                                v -> x -> x.withOpenings(Distance.feet(v), x.openingBend())),
                        number(
                                "Bend without an opening, at most",
                                "degrees",
                                45,
                                720,
                                r.openingBend(),
                                v -> x -> x.withOpenings(x.openingEvery(), (int) Math.round(v))),
                        number(
                                "A tool is pushed, at most",
                                "ft",
                                10,
                                1000,
                                r.reach().inFeet(),
                                v -> x -> x.withReach(Distance.feet(v), x.reachBend())),
                        number(
                                "Bend that a tool passes, at most",
                                "degrees",
                                45,
                                1080,
                                r.reachBend(),
                                v -> x -> x.withReach(x.reach(), (int) Math.round(v))),
                        number(
                                "Seen poorly when passed faster than",
                                "ft/s",
                                0.1,
                                20,
                                r.fastest().inFeet(),
                                v -> x -> x.withSeeing(Distance.feet(v), x.backPreferred())),
                        Fields.check(
                                "Prefer pictures from the way back",
                                r.backPreferred(),
                                on -> put(x -> x.withSeeing(x.fastest(), on))),
                        fall("Least fall under 4 in pipe", 1),
                        fall("Least fall, 4 to 7 in pipe", 4),
                        fall("Least fall, 8 in pipe and wider", 8),
                        number(
                                "Error of a depth reading, plus or minus",
                                "in",
                                0,
                                24,
                                r.locatorError().inInches(),
                                v -> x -> x.withDepths(x.falls(), Distance.inches(v), x.locatorShare(), x.bedding())),
                        number(
                                "and of the depth",
                                "%",
                                0,
                                50,
                                100 * r.locatorShare(),
                                v -> x -> x.withDepths(x.falls(), x.locatorError(), v / 100, x.bedding())),
                        number(
                                "A trench goes below the pipe by",
                                "in",
                                0,
                                48,
                                r.bedding().inInches(),
                                v -> x -> x.withDepths(
                                        x.falls(), x.locatorError(), x.locatorShare(), Distance.inches(v))),
                        Labels.of("Local code decides where it speaks.", "soft"));
    }

    private Node fall(String name, int from) {
        return number(name, "in/ft", 0, 6, rules().falls().getOrDefault(from, 0.25), v -> x -> {
            Map<Integer, Double> falls = new HashMap<>(x.falls());
            falls.put(from, v);
            return x.withDepths(falls, x.locatorError(), x.locatorShare(), x.bedding());
        });
    }

    private Node number(
            String name,
            String unit,
            double least,
            double most,
            double value,
            java.util.function.Function<Double, UnaryOperator<LineRules>> set) {
        String shown = String.format(Locale.ROOT, "%.4f", value).replaceAll("\\.?0+$", "");
        Node field = Fields.text(name + ", " + unit, shown, 88, typed -> {
            try {
                double read = Double.parseDouble(typed);
                if (read < least || read > most) {
                    throw new NumberFormatException();
                }
                put(set.apply(read));
            } catch (NumberFormatException e) {
                desk.work()
                        .notices()
                        .say("\"" + typed + "\" is not a number from " + least + " to " + most
                                + "; the rule was left as it was.");
                fill();
            }
        });
        HBox row = new HBox(8, field, Labels.of(unit, "soft"));
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return Fields.named(name, row);
    }

    private void put(UnaryOperator<LineRules> how) {
        desk.work().changeRules(r -> r.withLine(how.apply(r.line())));
    }
}
