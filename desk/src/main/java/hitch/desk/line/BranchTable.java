package hitch.desk.line;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Survey;
import hitch.core.survey.align.Tied;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

/** The branches: what each flows into, and where. */
final class BranchTable {
    private static final String NONE = "";

    private final Context desk;
    private final Survey survey;

    BranchTable(Context desk) {
        this.desk = desk;
        this.survey = desk.work().now().survey();
    }

    Table build() {
        Table table = new Table("Branches");
        for (Branch branch : survey.line().tied().branches()) {
            table.row(branch.name(), where(branch));
            table.row("", fields("flows into", into(branch)));
            table.row("", fields("at", join(branch), tieIn(branch)));
        }
        if (table.isEmpty()) {
            table.words("Name a run's branch on Load, and it appears here.");
        }
        return table;
    }

    private static HBox fields(String before, Node... fields) {
        HBox row = new HBox(8, Labels.of(before, "soft"));
        row.getChildren().addAll(fields);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private String where(Branch branch) {
        LengthUnit unit = survey.facts().unit();
        Station join = survey.line().tied().joins().get(branch.name());
        return join == null
                ? "join not known"
                : "joins at " + survey.line().place(Branch.LINE, join, unit).all();
    }

    /** The line, or any branch that does not itself come through this one. */
    private Node into(Branch branch) {
        Tied tied = survey.line().tied();
        List<String> pipes = new ArrayList<>(List.of(Branch.LINE));
        tied.branches().stream()
                .map(Branch::name)
                .filter(n -> !tied.flowsThrough(n, branch.name()))
                .forEach(pipes::add);
        return Fields.choice(
                "What the " + branch.name() + " branch flows into",
                pipes,
                branch.into().orElse(Branch.LINE),
                n -> n.equals(Branch.LINE) ? "the line" : n,
                n -> describe(branch.intoPipe(Optional.of(n).filter(o -> !o.equals(Branch.LINE)))));
    }

    private Node join(Branch branch) {
        return StationField.of(
                desk,
                "Station where the " + branch.name() + " branch joins",
                branch.join(),
                (l, s) -> l.withBranch(branch.joiningAt(s)));
    }

    private Node tieIn(Branch branch) {
        List<String> ids = new ArrayList<>(List.of(NONE));
        survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.TIE_IN)
                .forEach(f -> ids.add(f.finding().id().value()));
        return Fields.choice(
                "Tie-in of the " + branch.name() + " branch",
                ids,
                branch.tieIn().orElse(NONE),
                id -> id.equals(NONE) ? "or the tie-in that names it" : words(id),
                id -> describe(branch.joiningAtTieIn(Optional.of(id).filter(i -> !i.equals(NONE)))));
    }

    private String words(String id) {
        return survey.findings().stream()
                .filter(f -> f.finding().id().value().equals(id))
                .findFirst()
                .flatMap(f -> survey.line().place(f, survey.facts().unit()))
                .map(p -> "tie-in at " + p.all())
                .orElse(id);
    }

    private void describe(Branch next) {
        desk.work().changes().changeLine(l -> l.withBranch(next));
    }
}
