package hitch.desk.line;

import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.judge.Survey;
import hitch.core.line.Extent;
import hitch.core.line.LineFacts;
import hitch.core.line.Material;
import hitch.core.line.PipeSize;
import hitch.core.line.PipeSpan;
import hitch.core.line.SpanGiven;
import hitch.core.line.Station;
import hitch.core.pipe.LengthRow;
import hitch.core.pipe.LineEvent;
import hitch.core.pipe.Way;
import hitch.core.pipe.Whose;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** What the pipe is made of, to be put right in place, and what it adds up to. */
final class PipePanel implements Panel {
    private static final String UNKNOWN = "unknown";
    private static final List<Integer> SIZES = List.of(0, 2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 24);
    /** A change this near to the end of a span is what ends it. */
    private static final Distance AT_THE_END = Distance.feet(0.2);

    private final Context desk;

    PipePanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Pipe";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        Table pipe = new Table("The pipe");
        for (Way way : survey.line().ways()) {
            if (survey.line().ways().size() > 1) {
                pipe.row(way.words(), survey.facts().unit().show(way.whole().length()));
            }
            for (PipeSpan span : way.spans()) {
                row(pipe, way, span, survey);
            }
        }
        if (pipe.isEmpty()) {
            pipe.words("Set the counter on Mark, and the pipe appears here.");
        }
        HBox box = new HBox(40, pipe, lengths(survey), events(survey));
        box.getStyleClass().add("page");
        return box;
    }

    private void row(Table pipe, Way way, PipeSpan span, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        List<Optional<Material>> materials = new ArrayList<>(List.of(Optional.empty()));
        Arrays.stream(Material.values()).map(Optional::of).forEach(materials::add);
        Region material = Fields.choice(
                "Material of " + span.words(),
                materials,
                span.material(),
                m -> m.map(Material::word).orElse(UNKNOWN),
                m -> give(way, span, m, span.size(), span.lined()));
        Region size = Fields.choice(
                "Size of " + span.words(),
                SIZES,
                span.size().map(PipeSize::inches).orElse(0),
                i -> i == 0 ? UNKNOWN : i + " in",
                i -> give(
                        way,
                        span,
                        span.material(),
                        i == 0 ? Optional.empty() : Optional.of(new PipeSize(i)),
                        span.lined()));
        Region lined = Fields.check("lined", span.lined(), on -> give(way, span, span.material(), span.size(), on));
        Station end = span.extent().to();
        Optional<LocatedFinding> change = changeAt(survey, way, end);
        Node to = change.<Node>map(f -> Fields.text(
                        "End of " + span.words() + ", " + unit.sign(),
                        unit.number(new Distance(
                                survey.line().stationing().read(end).mm())),
                        72,
                        typed -> move(f, typed)))
                .orElseGet(() -> Labels.of(
                        unit.number(new Distance(
                                survey.line().stationing().read(end).mm())),
                        "measure"));
        for (Region field : List.of(size, material, lined)) {
            field.setMinWidth(Region.USE_PREF_SIZE);
        }
        size.setPrefWidth(92);
        material.setPrefWidth(124);
        pipe.row(
                size,
                material,
                lined,
                Labels.of(unit.show(span.length()), "measure"),
                Labels.of(
                        unit.number(new Distance(survey.line()
                                        .stationing()
                                        .read(span.extent().from())
                                        .mm()))
                                + " to",
                        "measure"),
                to);
    }

    private static Optional<LocatedFinding> changeAt(Survey survey, Way way, Station at) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.MATERIAL_CHANGE
                        || f.finding().kind() == FindingKind.SIZE_CHANGE)
                .filter(f -> f.branch().equals(way.name())
                        && f.extent()
                                .map(e -> e.from().to(at).compareTo(AT_THE_END) <= 0)
                                .orElse(false))
                .findFirst();
    }

    private void give(Way way, PipeSpan span, Optional<Material> material, Optional<PipeSize> size, boolean lined) {
        LineFacts facts = desk.work().now().job().line();
        SpanGiven given = new SpanGiven(way.name(), span.extent(), material, size, lined);
        boolean asReckoned = material.equals(span.material()) && size.equals(span.size()) && lined == span.lined();
        if (!asReckoned) {
            desk.work().apply(new Edit.DescribeLine(facts.withSpan(given)));
        }
    }

    /** Moves a change of pipe to a typed station. */
    private void move(LocatedFinding change, String typed) {
        Survey survey = desk.work().now().survey();
        boolean negative = typed.startsWith("-");
        Optional<Distance> read = survey.facts().unit().read(negative ? typed.substring(1) : typed);
        if (read.isEmpty()) {
            desk.work().notices().say("\"" + typed + "\" is not a distance; the change of pipe stays where it was.");
            return;
        }
        Station asked = new Station(negative ? -read.get().mm() : read.get().mm());
        Station at = survey.line().stationing().meant(asked);
        Finding finding = desk.work().now().job().finding(change.finding().id()).orElse(change.finding());
        desk.work().apply(new Edit.AmendFinding(finding.id(), finding.typedAt(Extent.at(at))));
    }

    private static Table lengths(Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("Lengths");
        table.row("", "owner's", "beyond");
        for (LengthRow row : survey.line().lengths()) {
            table.row(row.pipe(), unit.show(row.within()), row.beyond().mm() == 0 ? "" : unit.show(row.beyond()));
        }
        survey.seen().ifPresent(s -> table.row("Pipe seen", unit.show(s.length())));
        table.words(Whose.CHECK);
        return table;
    }

    private static Table events(Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("Along it");
        for (LineEvent event : survey.line().events()) {
            String where = event.branch().isEmpty()
                    ? survey.line().stationing().show(event.extent(), unit)
                    : event.branch() + " branch";
            table.row(event.kind().title(), unit.show(event.extent().length()), where);
        }
        table.row("Standing water in all", unit.show(survey.standingWater()));
        return table;
    }
}
