package hitch.desk.line;

import hitch.core.finding.Finding;
import hitch.core.finding.Traits;
import hitch.core.job.Edit;
import hitch.core.line.Ground;
import hitch.core.line.GroundMark;
import hitch.core.line.GroundMark.Surface;
import hitch.core.line.GroundText;
import hitch.core.line.LineFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.survey.Fall;
import hitch.core.survey.Locate;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Locates to be put right in place, the ground, and how the pipe falls. */
final class DepthPanel implements Panel {
    private final Context desk;

    DepthPanel(Context desk) {
        this.desk = desk;
    }

    @Override
    public String title() {
        return "Depth";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        Table locates = new Table("Locates");
        if (survey.line().depths().locates().isEmpty()) {
            locates.words("Note one on Mark where the head was located: locate 5 ft 1 in, stake by the side gate");
        } else {
            locates.row("Station", "", "Depth", "Ground", "Mark", "Near", "Bottom of pipe");
            survey.line().depths().locates().forEach(l -> locate(locates, l, survey));
        }
        VBox left = new VBox(16, locates, ground(survey));
        HBox box = new HBox(24, left, right(survey));
        box.getStyleClass().add("page");
        return box;
    }

    private LengthUnit depthUnit() {
        return desk.work().now().survey().facts().unit().forDepths();
    }

    private void locate(Table table, Locate locate, Survey survey) {
        List<Optional<Surface>> surfaces = new ArrayList<>(List.of(Optional.empty()));
        Arrays.stream(Surface.values()).map(Optional::of).forEach(surfaces::add);
        GroundMark ground = locate.ground();
        String name = locate.finding().value();
        Region surface = Fields.choice(
                "Ground over " + name,
                surfaces,
                ground.surface(),
                s -> s.map(Surface::word).orElse("not said"),
                s -> mark(locate, new GroundMark(s, ground.mark(), ground.near())));
        surface.setPrefWidth(124);
        surface.setMinWidth(124);
        table.row(
                survey.thing(locate.finding())
                        .<Node>map(f -> PlaceField.of(desk, "Station of " + name, f, locate.at()))
                        .orElseGet(() -> Labels.of(name, "strong")),
                locate.branch().isEmpty() ? "" : locate.branch(),
                Fields.text("Depth of " + name, depthUnit().show(locate.depth()), 96, t -> deeper(locate, t)),
                surface,
                Fields.text(
                        "Mark of " + name,
                        ground.mark(),
                        96,
                        t -> mark(locate, new GroundMark(ground.surface(), t, ground.near()))),
                Fields.text(
                        "What " + name + " is near",
                        ground.near(),
                        112,
                        t -> mark(locate, new GroundMark(ground.surface(), ground.mark(), t))),
                Labels.of(depthUnit().show(locate.invert()), "measure"));
    }

    private void deeper(Locate locate, String typed) {
        Optional<Distance> depth = depthUnit().read(typed);
        if (depth.isEmpty()) {
            desk.work().notices().say("\"" + typed + "\" is not a depth; the locate stays as it was.");
            return;
        }
        amend(locate, depth.get(), locate.ground());
    }

    private void mark(Locate locate, GroundMark ground) {
        amend(locate, locate.depth(), ground);
    }

    private void amend(Locate locate, Distance depth, GroundMark ground) {
        desk.work().now().job().finding(locate.finding()).ifPresent(f -> {
            Traits traits = f.traits().locatedAt(depth, ground);
            if (!traits.equals(f.traits())) {
                Finding next = f.saying(traits);
                desk.work().apply(new Edit.AmendFinding(f.id(), next));
            }
        });
    }

    private Node ground(Survey survey) {
        LineFacts facts = desk.work().now().job().line();
        Ground ground = facts.ground();
        Table table = new Table("The ground over the line");
        Node known = Fields.choice(
                "How the ground lies",
                List.of(Ground.Known.values()),
                ground.known(),
                Ground.Known::word,
                k -> lie(k, ground));
        switch (ground.known()) {
            case SLOPE ->
                table.row(
                        known,
                        Fields.text(
                                "Rise of the ground going with the flow, percent",
                                String.format(Locale.ROOT, "%.1f", ground.percent()),
                                72,
                                this::slope),
                        "percent rise going with the flow; with a minus where it falls toward the main");
            case HEIGHTS ->
                table.row(
                        known,
                        Fields.text("Heights of the ground", GroundText.write(ground, depthUnit()), 280, this::heights),
                        "station and height, one after the other: -20: 0, 44: -1.5");
            case LEVEL, NOT_SAID -> table.row(known, ground.isKnown() ? "" : "Falls need to know how the ground lies.");
        }
        return table;
    }

    private void lie(Ground.Known known, Ground before) {
        Ground next = switch (known) {
            case NOT_SAID -> Ground.NOT_SAID;
            case LEVEL -> Ground.LEVEL;
            case SLOPE -> Ground.slope(before.percent());
            case HEIGHTS ->
                GroundText.level(desk.work()
                        .now()
                        .survey()
                        .line()
                        .main()
                        .map(w -> w.whole())
                        .orElse(Extent.at(Station.DATUM)));
        };
        put(next);
    }

    private void slope(String typed) {
        try {
            double percent = Double.parseDouble(typed.replace("%", "").strip());
            if (Math.abs(percent) > 100) {
                throw new NumberFormatException();
            }
            put(Ground.slope(percent));
        } catch (NumberFormatException e) {
            desk.work().notices().say("\"" + typed + "\" is not a slope from -100 to 100 percent; it stays as it was.");
        }
    }

    private void heights(String typed) {
        GroundText.read(typed, depthUnit())
                .ifPresentOrElse(
                        this::put,
                        () -> desk.work()
                                .notices()
                                .say("\"" + typed
                                        + "\" could not be read as heights. Write station: height, station: height."));
    }

    private void put(Ground ground) {
        desk.work().changes().changeLine(l -> l.withGround(ground));
    }

    private VBox right(Survey survey) {
        VBox right = new VBox(16, falls(survey));
        if (!survey.line().depths().locates().isEmpty()) {
            right.getChildren().add(new TrenchForm(desk, survey.line().ways()));
        }
        return right;
    }

    private static String place(Survey survey, Fall fall) {
        return survey.line()
                .place(fall.branch(), fall.extent(), survey.facts().unit())
                .all();
    }

    private static Table falls(Survey survey) {
        Table table = new Table("Fall");
        for (Fall fall : survey.line().falls()) {
            table.row(
                    String.format(Locale.ROOT, "%.2f ± %.2f in/ft", fall.inchesAFoot(), fall.plusMinus()),
                    String.format(Locale.ROOT, "%.1f ± %.1f %%", fall.percent(), fall.percentPlusMinus()),
                    fall.steepness().word()
                            + String.format(Locale.ROOT, " (rule: %.3f), ", fall.least())
                            + place(survey, fall));
        }
        if (table.isEmpty()) {
            table.words("Two locates on one pipe, and how the ground lies between them, give the fall.");
        }
        table.words("Least falls by size are house rules; local code decides. Have buried utilities marked before any "
                + "digging; deep trenches need shoring by people who know how.");
        return table;
    }
}
