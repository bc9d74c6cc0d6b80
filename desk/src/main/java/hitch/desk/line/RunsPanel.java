package hitch.desk.line;

import hitch.core.line.LineFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.survey.Line;
import hitch.core.survey.Survey;
import hitch.core.survey.align.Slip;
import hitch.core.survey.align.Tie;
import hitch.desk.Context;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How the runs hang together on one line, where branches join, and the stations that a person knows. */
final class RunsPanel implements Panel {
    private final Context desk;

    RunsPanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Runs";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        HBox box = new HBox(32, new VBox(16, runs(survey), new BranchTable(desk).build()), ties(survey), known(survey));
        box.getStyleClass().add("page");
        return box;
    }

    private static Table runs(Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("Runs");
        for (Run run : survey.runs()) {
            String how = survey.line().tied().loose().contains(run.id())
                    ? "shares too little with the others to be tied"
                    : run.tied() ? "reckoned from what it shares with others" : "as given on Load";
            table.row(
                    run.name(),
                    survey.line()
                            .place(survey.line().tied().openedInto(run), run.start(), unit)
                            .all(),
                    how);
        }
        return table;
    }

    private static Table ties(Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Line line = survey.line();
        Table table = new Table("Seen from two runs");
        for (Tie tie : line.tied().ties()) {
            table.row(
                    tie.kind().title(),
                    unit.show(tie.gap().abs()),
                    "apart, at " + line.place(Branch.LINE, tie.at(), unit).all() + ": " + name(survey, tie.one())
                            + " and " + name(survey, tie.two()));
        }
        if (table.isEmpty()) {
            table.words("Nothing was seen from two runs.");
        } else {
            table.row(
                    "Misclosure",
                    unit.show(new Distance(Math.round(line.tied().misclosure()))),
                    "root mean square of the gaps");
        }
        for (Slip slip : line.tied().slips()) {
            table.row(
                    "Counter slipped",
                    unit.show(slip.by().abs()),
                    "on the " + name(survey, slip.run()) + ", as " + slip.seenBy() + " things tell; taken out");
        }
        return table;
    }

    private static String name(Survey survey, RunId id) {
        return survey.runs().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .map(Run::name)
                .orElse(id.value());
    }

    private Table known(Survey survey) {
        Table table = new Table("Known stations");
        LineFacts facts = desk.work().now().job().line();
        table.row("Building wall", station("Station of the building wall", facts.wall(), s -> f -> f.withWall(s)));
        table.row("Boundary", station("Station of the boundary", facts.boundary(), s -> f -> f.withBoundary(s)));
        table.row("Main", station("Station of the main", facts.main(), s -> f -> f.withMain(s)));
        LengthUnit unit = survey.facts().unit();
        table.words("Feet from the opening, with a minus toward the building; empty for what was seen."
                .replace("Feet", unit == LengthUnit.METRES ? "Metres" : "Feet"));
        table.words("The owner's pipe goes " + survey.rules().line().owners().word()
                + " by the house rules"
                + survey.line()
                        .whose()
                        .boundary()
                        .map(b -> ", at "
                                + survey.line().place(Branch.LINE, b, unit).all())
                        .orElse("; its station is not known")
                + ". Check locally.");
        return table;
    }

    private Node station(
            String name, Optional<Station> value, Function<Optional<Station>, Function<LineFacts, LineFacts>> with) {
        return StationField.of(desk, name, value, (l, s) -> with.apply(s).apply(l));
    }
}
