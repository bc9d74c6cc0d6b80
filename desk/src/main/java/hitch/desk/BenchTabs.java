package hitch.desk;

import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** The benches as tabs on the top edge, each with its gauge of what is still open there. */
final class BenchTabs extends HBox {
    private final List<Bench> benches;
    private final List<ToggleButton> tabs = new ArrayList<>();
    private final List<Label> gauges = new ArrayList<>();

    /**
     * @param show shows a bench by its number from 0
     */
    BenchTabs(List<Bench> benches, IntConsumer show) {
        this.benches = benches;
        ToggleGroup group = new ToggleGroup();
        for (int i = 0; i < benches.size(); i++) {
            int number = i;
            String title = benches.get(i).title();
            Label gauge = Labels.of("", "gauge");
            ToggleButton tab = new ToggleButton(title, gauge);
            tab.setContentDisplay(ContentDisplay.RIGHT);
            tab.getStyleClass().add("bench-tab");
            tab.setId("bench-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'));
            tab.setToggleGroup(group);
            tab.setFocusTraversable(false);
            tab.setTooltip(new Tooltip(title + " (" + Act.values()[Act.BENCH_1.ordinal() + i].key() + ")"));
            tab.setOnAction(e -> show.accept(number));
            tabs.add(tab);
            gauges.add(gauge);
        }
        getChildren().addAll(tabs);
        getStyleClass().add("bench-tabs");
        setAlignment(Pos.BOTTOM_LEFT);
    }

    void choose(int number) {
        tabs.get(number).setSelected(true);
    }

    /** What is still open on each bench. */
    void tell(Snapshot now) {
        for (int i = 0; i < benches.size(); i++) {
            String gauge = benches.get(i).gauge(now);
            gauges.get(i).setText(gauge);
            // A gauge that only turned visible would not be laid out anew.
            tabs.get(i).setGraphic(gauge.isBlank() ? null : gauges.get(i));
        }
    }
}
