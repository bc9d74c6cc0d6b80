package hitch.desk.line;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.SpanGiven;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.LengthRow;
import hitch.core.survey.LineEvent;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.Whose;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.PipeChoices;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the pipe is made of, to be put right in place, and what it adds up to. */
final class PipePanel implements Panel {
    private static final String UNKNOWN = "unknown";
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
            LengthUnit unit = survey.facts().unit();
            pipe.words((survey.line().ways().size() > 1
                            ? way.words() + ", " + unit.show(way.whole().length()) + ", "
                            : "")
                    + "from "
                    + survey.line().place(way.name(), way.whole().from(), unit).all());
            for (PipeSpan span : way.spans()) {
                row(pipe, way, span, survey);
            }
        }
        if (pipe.isEmpty()) {
            pipe.words("Set the counter on Mark, and the pipe appears here.");
        }
        VBox left = new VBox(16, pipe);
        if (!survey.line().ways().isEmpty()) {
            left.getChildren().add(new StretchForm(desk, survey.line().ways()));
        }
        HBox box = new HBox(32, left, new VBox(16, lengths(survey), events(survey)));
        box.getStyleClass().add("page");
        return box;
    }

    private void row(Table pipe, Way way, PipeSpan span, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Region material = PipeChoices.material(
                "Material of " + span.words(),
                UNKNOWN,
                span.material(),
                m -> give(SpanGiven.material(way.name(), span.extent(), m), m.equals(span.material())));
        Region size = PipeChoices.size(
                "Size of " + span.words(),
                UNKNOWN,
                span.size(),
                i -> give(SpanGiven.size(way.name(), span.extent(), i), i.equals(span.size())));
        Region lined = PipeChoices.lining(
                "Lining of " + span.words(),
                "no lining",
                span.pipe().lining(),
                l -> give(
                        SpanGiven.lining(way.name(), span.extent(), l),
                        l.equals(span.pipe().lining())));
        TextField laid = Fields.text(
                "Year laid of " + span.words(),
                span.pipe().laid().map(String::valueOf).orElse(""),
                60,
                typed -> laid(way, span, typed));
        laid.setPromptText("laid");
        Station end = span.extent().to();
        Optional<LocatedFinding> change = changeAt(survey, way, end);
        Node to = change.<Node>map(f -> PlaceField.of(desk, "End of " + span.words() + ", " + unit.sign(), f, end))
                .orElseGet(() -> Labels.of(
                        unit.number(survey.line().stationing().read(end).fromDatum()), "measure"));
        for (Region field : List.of(size, material, lined, laid)) {
            field.setMinWidth(Region.USE_PREF_SIZE);
        }
        size.setPrefWidth(92);
        material.setPrefWidth(112);
        lined.setPrefWidth(104);
        pipe.row(
                size,
                material,
                lined,
                laid,
                Labels.of(unit.show(span.length()), "measure"),
                Labels.of("to", "soft"),
                to,
                Labels.of(survey.line().place(way.name(), end, unit).way(), "soft"),
                asSeen(way, span));
    }

    /** Takes back what was said by hand of a span, where anything was. */
    private Node asSeen(Way way, PipeSpan span) {
        Button seen = Labels.button("As seen", "", "Take back what was said of this pipe by hand", () -> {
            desk.work().changes().changeLine(l -> l.asSeen(way.name(), span.extent()));
        });
        seen.getStyleClass().add("quiet");
        seen.setVisible(desk.work().now().job().line().isSaid(way.name(), span.extent()));
        seen.setManaged(seen.isVisible());
        return seen;
    }

    private static Optional<LocatedFinding> changeAt(Survey survey, Way way, Station at) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.MATERIAL_CHANGE
                        || f.finding().kind() == FindingKind.SIZE_CHANGE)
                .filter(f -> f.branch().equals(way.name())
                        && f.extent()
                                .map(e -> e.isPoint() && e.from().to(at).compareTo(AT_THE_END) <= 0)
                                .orElse(false))
                .findFirst();
    }

    private void laid(Way way, PipeSpan span, String typed) {
        Optional<Integer> year = Optional.empty();
        if (!typed.isBlank()) {
            try {
                year = Pipe.UNKNOWN
                        .withLaid(Optional.of(Integer.valueOf(typed)))
                        .laid();
            } catch (IllegalArgumentException e) {
                desk.work().notices().say("\"" + typed + "\" is not a year such as 1962; the pipe was left as it was.");
                return;
            }
        }
        give(
                SpanGiven.laid(way.name(), span.extent(), year),
                year.equals(span.pipe().laid()));
    }

    /** @param same whether it is what stands there already */
    private void give(SpanGiven given, boolean same) {
        if (!same) {
            desk.work().changes().changeLine(l -> l.withSpan(given));
        }
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
            String where =
                    survey.line().place(event.branch(), event.extent(), unit).all();
            table.row(event.kind().title(), unit.show(event.extent().length()), where);
        }
        table.row("Standing water in all", unit.show(survey.standingWater()));
        return table;
    }
}
