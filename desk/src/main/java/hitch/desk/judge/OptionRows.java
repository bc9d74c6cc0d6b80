package hitch.desk.judge;

import hitch.core.judge.ask.Ask;
import hitch.core.judge.money.Cost;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Range;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The ways to meet an ask as rows to compare; the one that is taken is marked, and another is taken by pressing it. */
final class OptionRows extends VBox {
    private final Ask ask;
    private final LengthUnit unit;
    private final Consumer<Remedy> take;

    OptionRows(Ask ask, LengthUnit unit, Consumer<Remedy> take) {
        super(6);
        this.ask = ask;
        this.unit = unit;
        this.take = take;
        setId("options");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("options");
        List<String> heads = List.of("Way", "Extent", "Depth, cover", "Cost", "Lasts", "Clears, leaves");
        for (int i = 0; i < heads.size(); i++) {
            grid.add(Words.wrapped(heads.get(i), "field-label"), i, 0);
        }
        ToggleGroup group = new ToggleGroup();
        int row = 1;
        for (Remedy remedy : ask.options()) {
            row(grid, row++, remedy, group);
        }
        ColumnConstraints wide = new ColumnConstraints();
        wide.setHgrow(Priority.ALWAYS);
        wide.setMinWidth(120);
        ColumnConstraints way = new ColumnConstraints(150, 190, 240);
        grid.getColumnConstraints().setAll(way, fixed(84), fixed(112), fixed(116), fixed(84), wide);
        getChildren().addAll(Labels.heading("Ways to meet it"), grid);
        boolean priced = ask.options().stream().anyMatch(r -> r.cost().money().isPresent());
        getChildren()
                .add(Words.wrapped(
                        priced
                                ? Cost.NO_OFFER
                                : "The firm has no prices for this: costs are only compared with the way that is taken.",
                        "soft",
                        "small"));
    }

    private static ColumnConstraints fixed(double width) {
        return new ColumnConstraints(width * 0.8, width, width * 1.3);
    }

    private void row(GridPane grid, int row, Remedy remedy, ToggleGroup group) {
        boolean taken = ask.remedy().filter(r -> r.work().equals(remedy.work())).isPresent();
        RadioButton way = new RadioButton(remedy.work().title());
        way.setWrapText(true);
        way.setToggleGroup(group);
        way.setSelected(taken);
        way.setAccessibleText("Take this way: " + remedy.work().title());
        way.setOnAction(e -> take.accept(remedy));
        List<Node> cells = new ArrayList<>(List.of(
                way,
                cell(remedy.length().mm() == 0 ? "" : unit.show(remedy.length()), "measure"),
                cell(depth(remedy), "small"),
                cell(cost(remedy, taken), "measure"),
                cell(
                        remedy.lasts().map(OptionRows::years).orElse("")
                                + remedy.nextMonths()
                                        .filter(n -> !(remedy.work() instanceof Work.Clean))
                                        .map(n -> "\nlook in " + n + " months")
                                        .orElse(""),
                        "small"),
                cell(clears(remedy), "small")));
        for (int i = 0; i < cells.size(); i++) {
            grid.add(cells.get(i), i, row);
            GridPane.setValignment(cells.get(i), VPos.TOP);
        }
    }

    private static Label cell(String text, String style) {
        return Words.wrapped(text, style);
    }

    private String depth(Remedy remedy) {
        List<String> parts = new ArrayList<>();
        remedy.depth()
                .ifPresent(d -> parts.add(unit.forDepths().show(Distance.feet(d.low())) + " to "
                        + unit.forDepths().show(Distance.feet(d.high()))));
        remedy.cover().stream().map(Surface::word).forEach(parts::add);
        return String.join(", ", parts);
    }

    private String cost(Remedy remedy, boolean taken) {
        if (!remedy.cost().unpriced().isBlank()) {
            return "not priced";
        }
        return remedy.cost()
                .words()
                .orElseGet(() -> taken
                        ? ""
                        : ask.remedy().map(r -> remedy.cost().against(r.cost())).orElse(""));
    }

    private static String clears(Remedy remedy) {
        String clears = remedy.clears().isEmpty()
                ? ""
                : "clears "
                        + String.join(", ", new LinkedHashSet<>(remedy.clears()))
                                .toLowerCase(Locale.ROOT);
        String leaves = remedy.leaves().isEmpty()
                ? ""
                : "leaves "
                        + String.join(", ", new LinkedHashSet<>(remedy.leaves()))
                                .toLowerCase(Locale.ROOT);
        return clears.isEmpty() ? leaves : leaves.isEmpty() ? clears : clears + "\n" + leaves;
    }

    private static String years(Range range) {
        if (range.high() <= 0) {
            return "as the pipe does";
        }
        if (range.high() < 1) {
            return Math.round(12 * range.high()) + " months";
        }
        long low = Math.round(range.low());
        long high = Math.round(range.high());
        return low == high ? low + (low == 1 ? " year" : " years") : low + " to " + high + " years";
    }
}
