package hitch.desk.line;

import hitch.core.counter.LengthUnit;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.Survey;
import hitch.core.pipe.Line;
import hitch.core.pipe.Reach;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The chosen finding: its best picture, and what can be done for it from where. */
final class ReachPanel implements Panel {
    private final Context desk;
    private final BestPictureView picture;
    private final Consumer<LocatedFinding> open;

    ReachPanel(Context desk, Consumer<LocatedFinding> open) {
        this.desk = desk;
        this.open = open;
        this.picture = new BestPictureView(desk);
    }

    @Override
    public String title() {
        return "Finding and reach";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        Optional<LocatedFinding> chosen =
                Optional.ofNullable(desk.selected().get()).flatMap(survey::thing);
        if (chosen.isEmpty()) {
            Table none = new Table("No finding is chosen");
            none.words("Click a knot, or press N and P to go from one to the next.");
            HBox box = new HBox(none);
            box.getStyleClass().add("page");
            return box;
        }
        LocatedFinding found = chosen.get();
        picture.show(found);
        VBox left = new VBox(
                8,
                picture,
                Labels.button("Open on Mark", "Enter", "Open the footage of this finding", () -> open.accept(found)));
        HBox box = new HBox(32, left, facts(found, survey), reaches(found, survey));
        box.getStyleClass().add("page");
        return box;
    }

    private static Table facts(LocatedFinding found, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Line line = survey.line();
        Table table = new Table(found.finding().phrase());
        found.extent()
                .ifPresent(e -> table.row(
                        "Where",
                        found.branch().isEmpty()
                                ? line.stationing().show(e, unit)
                                : line.show(found.branch(), e.middle(), unit)));
        table.row("Weight", found.weight().word() + ": " + found.because());
        int seen = found.finding().sightings().size() + 1;
        table.row("Seen", seen == 1 ? "once" : seen + " times, within " + unit.show(found.doubt()) + " to either side");
        if (!found.also().isEmpty()) {
            table.row(
                    "Marked as",
                    found.ids().stream()
                            .map(i -> i.value())
                            .reduce((a, b) -> a + ", " + b)
                            .orElse(""));
        }
        table.row(
                "Whose",
                line.isOwners(found)
                                .map(o -> o ? "the owner's" : "past the boundary")
                                .orElse("boundary not known") + "; check locally");
        found.extent()
                .flatMap(e -> line.depths().trench(found.branch(), e))
                .ifPresent(d -> table.row(
                        "Trench",
                        (unit == LengthUnit.METRES ? unit : LengthUnit.FEET_INCHES).show(d) + " at its deepest"));
        return table;
    }

    private static Table reaches(LocatedFinding found, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("What a cleaning tool does from where");
        List<Reach> reaches =
                survey.line().reaches(survey.rules().line(), survey.findings()).to(found);
        for (Reach reach : reaches) {
            table.row(
                    reach.verdict().word(),
                    unit.show(reach.distance()),
                    "from the " + reach.opening().name() + ", " + reach.bends()
                            + (reach.bends() == 1 ? " bend: " : " bends: ") + reach.because());
        }
        if (reaches.isEmpty()) {
            table.words("No opening is known from which there is a way through the pipe.");
        }
        return table;
    }
}
