package hitch.desk.line;

import hitch.core.detail.Kept;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.measure.LengthUnit;
import hitch.core.story.Wording;
import hitch.core.survey.Survey;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Joints;
import hitch.core.survey.told.Promises;
import hitch.core.survey.told.RepairMarks;
import hitch.core.survey.told.Surfaces;
import hitch.core.survey.told.Symptoms;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** What was told rather than found: the ground above, boundaries, water that was run, what was noticed, promised, cleaned. */
final class ToldPanel implements Panel {
    private final Context desk;

    ToldPanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Told";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        FlowPane box = new FlowPane(40, 20);
        box.getStyleClass().add("page");
        List.of(
                        above(survey),
                        ofKind(survey, "Boundaries", FindingKind.BOUNDARY),
                        joints(survey),
                        fixtures(survey),
                        symptoms(survey),
                        promises(survey),
                        marks(survey),
                        ofKind(survey, "Cleaned", FindingKind.CLEANED),
                        ofKind(survey, "Gear", FindingKind.EQUIPMENT),
                        left(survey),
                        ofKind(survey, "Wall not seen", FindingKind.PART_SEEN))
                .stream()
                .filter(t -> !t.isEmpty())
                .forEach(box.getChildren()::add);
        if (box.getChildren().isEmpty()) {
            box.getChildren()
                    .add(Labels.of(
                            "Nothing was told yet of the ground above, the water that was run, or what was noticed in the house.",
                            "soft"));
        }
        return box;
    }

    private static Table above(Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("Ground above");
        for (Surfaces.Above above : Surfaces.of(survey.findings()).all()) {
            table.row(
                    above.surface().word(),
                    survey.line()
                            .place(hitch.core.pipe.Branch.LINE, above.extent(), unit)
                            .all());
        }
        return table;
    }

    private static Table ofKind(Survey survey, String heading, FindingKind kind) {
        Table table = new Table(heading);
        for (LocatedFinding found : survey.findings()) {
            if (found.finding().kind() == kind) {
                table.row(Wording.place(found, survey.line(), survey.facts().unit()), Wording.what(found));
            }
        }
        return table;
    }

    private static Table left(Survey survey) {
        Table table = new Table("Left open");
        survey.line()
                .openingsLeft()
                .forEach(o -> table.row(
                        survey.line()
                                .place(o.branch(), o.at(), survey.facts().unit())
                                .all(),
                        o.words()));
        return table;
    }

    private static Table joints(Survey survey) {
        Table table = new Table("Joints");
        Joints.of(survey.findings()).forEach(t -> table.row(t.words(), t.some() + " of " + t.of()));
        return table;
    }

    private static Table fixtures(Survey survey) {
        Table table = new Table("Water run");
        for (Fixtures.Fixture fixture : Fixtures.of(survey.findings()).all()) {
            table.row(fixture.room(), fixture.ran(), fixture.came());
        }
        return table;
    }

    private static Table marks(Survey survey) {
        Table table = new Table("Still to be marked");
        RepairMarks.missing(survey.findings()).forEach(table::words);
        return table;
    }

    private static Table symptoms(Survey survey) {
        Table table = new Table("Noticed in the house");
        for (Symptoms.Symptom symptom : Symptoms.of(survey.findings())) {
            table.row(symptom.words(), symptom.isExplained() ? "explained by " + symptom.cause() : symptom.cause());
        }
        return table;
    }

    private static Table promises(Survey survey) {
        Table table = new Table("Promised");
        List<Promises.Promise> all = Promises.of(
                survey.noted(), survey.clips().stream().map(Clip::id).toList());
        for (Promises.Promise promise : all) {
            String when = promise.at()
                    .flatMap(f -> survey.clip(f.clip())
                            .map(c -> c.fileName() + " at " + ClockText.of(c.secondsInto(f.pts()))))
                    .orElse("");
            table.row(
                    Wording.place(
                            promise.finding(), survey.line(), survey.facts().unit()),
                    promise.kept() == Kept.KEPT ? "kept" : "not kept",
                    when);
        }
        return table;
    }
}
