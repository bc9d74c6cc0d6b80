package hitch.desk.judge;

import hitch.core.judge.money.Cost;
import hitch.core.judge.plan.Plan;
import hitch.core.judge.plan.Plan.Event;
import hitch.core.measure.Range;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Up to three whole ways to go, side by side over thirty years: what happens, what is spent by then, what is left. */
final class PlansPane extends VBox {
    private final Context desk;

    PlansPane(Context desk) {
        super(12);
        this.desk = desk;
        setId("plans");
        getStyleClass().add("page");
        fill();
    }

    void fill() {
        List<Plan> plans = desk.work().now().judged().plans();
        getChildren().setAll(Labels.heading("Over the years"));
        if (plans.isEmpty()) {
            getChildren()
                    .add(Words.wrapped(
                            desk.work().now().judged().verdict().isJudged()
                                    ? "Nothing that was found can be met in more than one way."
                                    : "No plan is laid for a line that was not judged: nobody knows what it will take.",
                            "soft"));
            return;
        }
        plans.forEach(p -> getChildren().add(plan(p)));
        getChildren()
                .add(Words.wrapped(
                        "A tick is a visit, a wedge digging, a dot a repair without digging; a grey bar is when a life may end. "
                                + (plans.getFirst().spentBy(Plan.YEARS).isPresent()
                                        ? Cost.NO_OFFER
                                        : "Where the firm has no prices, visits and digs are counted instead."),
                        "soft",
                        "small"));
    }

    private Node plan(Plan plan) {
        GridPane by = new GridPane();
        by.setHgap(28);
        by.setVgap(2);
        int column = 0;
        for (int years : Plan.STOPS) {
            by.add(Labels.of("By year " + years, "field-label"), column, 0);
            if (!spent(plan, years).isEmpty()) {
                by.add(Labels.of(spent(plan, years), "measure"), column, 1);
            }
            by.add(
                    Labels.of(
                            counted(plan.visitsBy(years), "visit") + ", " + counted(plan.digsBy(years), "dig"),
                            "small"),
                    column,
                    2);
            column++;
        }
        List<String> now = plan.events().stream()
                .filter(e -> e.sort() == Event.Sort.DIG || e.sort() == Event.Sort.MEND)
                .map(Event::what)
                .distinct()
                .toList();
        List<String> ends = plan.events().stream()
                .filter(e -> e.sort() == Event.Sort.END)
                .map(e -> e.what() + ", " + from(e.at()))
                .distinct()
                .toList();
        VBox left = new VBox(2, Labels.of(plan.kind().title(), "strong", "large"));
        left.setMinWidth(220);
        VBox card = new VBox(
                8,
                left,
                new PlanLine(plan, desk.theme().tones()),
                by,
                Words.led("Does", now),
                Words.led(
                        "Leaves",
                        plan.unsolved().isEmpty()
                                ? List.of()
                                : List.of(String.join(", ", plan.unsolved()).toLowerCase(Locale.ROOT)
                                        + ", kept open by cleaning")),
                Words.led("Then", ends));
        card.getStyleClass().add("card");
        VBox.setVgrow(card, Priority.NEVER);
        return card;
    }

    private static String spent(Plan plan, int years) {
        Optional<Range> spent = plan.spentBy(years);
        return spent.flatMap(s -> new Cost(Optional.of(s), plan.currency(), 1, List.of(), "").words())
                .orElse("");
    }

    private static String from(Range at) {
        long low = Math.round(at.low());
        return (low == 0 ? "from now on" : "from year " + low + " on") + ", at the latest in year "
                + Math.round(at.high());
    }

    private static String counted(long n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
    }
}
