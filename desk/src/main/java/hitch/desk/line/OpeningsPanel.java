package hitch.desk.line;

import hitch.core.measure.LengthUnit;
import hitch.core.survey.BendSum;
import hitch.core.survey.Line;
import hitch.core.survey.LineOpening;
import hitch.core.survey.OpeningFault;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Ways in, the bends between them, and what the house rules say to it. */
final class OpeningsPanel implements Panel {
    private final Context desk;

    OpeningsPanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Openings";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        Line line = survey.line();
        LengthUnit unit = survey.facts().unit();
        Table openings = new Table("Openings");
        for (LineOpening opening : line.openings()) {
            openings.row(
                    opening.name(),
                    opening.size().map(s -> s.show()).orElse("size not known"),
                    line.place(opening.branch(), opening.at(), unit).all(),
                    opening.buried()
                            ? "buried"
                            : opening.ways().map(w -> w.word()).orElse("seen from below"));
        }
        Table bends = new Table("Bends between them");
        for (BendSum sum : line.bends()) {
            bends.row(
                    sum.degrees() + " degrees",
                    sum.bends() == 1 ? "in one bend" : "in " + sum.bends() + " bends",
                    line.place(sum.branch(), sum.extent(), unit).all()
                            + (sum.unsaid() == 0 ? "" : "; " + sum.unsaid() + " without degrees"));
        }
        Table faults = new Table("Against the house rules");
        for (OpeningFault fault : line.faults()) {
            String where = fault.fitting()
                    .map(f -> "bring the buried fitting at "
                            + line.place(f.branch(), f.at(), unit).all() + " to the surface")
                    .orElseGet(() -> fault.where().stream()
                            .map(s -> line.place(fault.branch(), s, unit).all())
                            .collect(Collectors.joining(" and ", "an opening would do at ", "")));
            faults.row(
                    fault.rule().word(),
                    line.place(fault.branch(), fault.extent(), unit).all(),
                    fault.says() + "; " + where);
        }
        if (line.faults().isEmpty()) {
            faults.words("As far as the ends of the pipes are known, the openings keep to the house rules.");
        }
        faults.words("Local code decides. Never pay for openings on a line that is due for replacement.");
        HBox box = new HBox(40, new VBox(16, openings, bends), faults);
        box.getStyleClass().add("page");
        return box;
    }
}
