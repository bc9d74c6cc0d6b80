package hitch.desk.line;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.told.Surfaces;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Tells how deep a trench for a repair would be. */
final class TrenchForm extends VBox {
    private final Context desk;
    private final ComboBox<Way> way;
    private final FromTo stretch;
    private final Label answer = Labels.of("", "strong");

    /**
     * @param ways at least one
     */
    TrenchForm(Context desk, List<Way> ways) {
        super(8);
        this.desk = desk;
        this.way = Fields.choice("Pipe of the trench", ways, ways.getFirst(), Way::words, w -> {});
        this.stretch = new FromTo(desk, "Trench", this::tell);
        HBox row = new HBox(8, stretch, Labels.button("How deep?", "", "Tell how deep this trench is", this::tell));
        if (ways.size() > 1) {
            row.getChildren().addFirst(way);
        }
        row.setAlignment(Pos.CENTER_LEFT);
        answer.setWrapText(true);
        getChildren().addAll(Labels.heading("Trench for a repair"), row, answer);
    }

    private void tell() {
        stretch.read().ifPresent(extent -> answer.setText(depth(extent)));
    }

    private String depth(Extent extent) {
        Survey survey = desk.work().now().survey();
        LengthUnit unit = survey.facts().unit();
        Optional<Distance> depth = survey.line().depths().trench(way.getValue().name(), extent);
        String bedding = unit.forDepths().show(survey.rules().line().depths().bedding());
        String above =
                way.getValue().isBranch() ? "" : Surfaces.of(survey.findings()).words(extent);
        return depth.map(d -> unit.forDepths().show(d) + " at its deepest, " + unit.show(extent.length())
                        + " long, with " + bedding + " below the pipe" + (above.isEmpty() ? "" : ", " + above))
                .orElse("No locate is near enough to tell.");
    }
}
