package hitch.desk.judge;

import hitch.core.measure.Distance;
import hitch.core.rules.LineRules;
import hitch.core.rules.OpeningRules;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.rules.RulePart;
import hitch.core.rules.SeeingRules;
import hitch.core.rules.ToolRules;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
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
                                        r.owners(),
                                        OwnersReach::word,
                                        s -> put(x -> new OwnerRules(s)))),
                        number(
                                "An opening at least every",
                                "ft",
                                10,
                                1000,
                                r.openings().every().inFeet(),
                                v -> x -> new OpeningRules(
                                        Distance.feet(v), x.openings().bend())),
                        number(
                                "Bend without an opening, at most",
                                "degrees",
                                45,
                                720,
                                r.openings().bend(),
                                v -> x -> new OpeningRules(x.openings().every(), (int) Math.round(v))),
                        number(
                                "A tool is pushed, at most",
                                "ft",
                                10,
                                1000,
                                r.tools().reach().inFeet(),
                                v -> x -> new ToolRules(
                                        Distance.feet(v), x.tools().bend())),
                        number(
                                "Bend that a tool passes, at most",
                                "degrees",
                                45,
                                1080,
                                r.tools().bend(),
                                v -> x -> new ToolRules(x.tools().reach(), (int) Math.round(v))),
                        number(
                                "Seen poorly when passed faster than",
                                "ft/s",
                                0.1,
                                20,
                                r.seeing().fastest().inFeet(),
                                v -> x -> new SeeingRules(
                                        Distance.feet(v), x.seeing().backPreferred())),
                        Fields.check(
                                "Prefer pictures from the way back",
                                r.seeing().backPreferred(),
                                on -> put(x -> new SeeingRules(x.seeing().fastest(), on))),
                        fall("Least fall under 4 in pipe", 1),
                        fall("Least fall, 4 to 7 in pipe", 4),
                        fall("Least fall, 8 in pipe and wider", 8),
                        number(
                                "Error of a depth reading, plus or minus",
                                "in",
                                0,
                                24,
                                r.depths().locatorError().inInches(),
                                v -> x -> x.depths()
                                        .withLocator(
                                                Distance.inches(v), x.depths().locatorShare())),
                        number(
                                "and of the depth",
                                "%",
                                0,
                                50,
                                100 * r.depths().locatorShare(),
                                v -> x -> x.depths().withLocator(x.depths().locatorError(), v / 100)),
                        number(
                                "A trench goes below the pipe by",
                                "in",
                                0,
                                48,
                                r.depths().bedding().inInches(),
                                v -> x -> x.depths().withBedding(Distance.inches(v))),
                        Labels.of("Local code decides where it speaks.", "soft"));
    }

    private Node fall(String name, int from) {
        return number(
                name,
                "in/ft",
                0,
                6,
                rules().depths().falls().getOrDefault(from, 0.25),
                v -> x -> x.depths().withFall(from, v));
    }

    private Node number(
            String name,
            String unit,
            double least,
            double most,
            double value,
            Function<Double, Function<LineRules, RulePart>> set) {
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

    private void put(Function<LineRules, RulePart> how) {
        desk.work().changeRules(r -> how.apply(r.line()));
    }
}
