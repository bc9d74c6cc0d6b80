package hitch.desk.line;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Line;
import hitch.core.survey.Reach;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import hitch.core.survey.told.Surfaces;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What was picked in the drawing: its best picture, and for a finding what can be done for it from where. */
final class ReachPanel implements Panel {
    private static final double PICTURE = 200;
    private final Context desk;
    private final FramePicture picture;
    private final PlacePage places;
    private final Consumer<LocatedFinding> open;
    private final IntConsumer step;
    private Place place;

    /** A place on a pipe. */
    record Place(String branch, Station at) {}

    /**
     * @param open opens the footage of a finding
     * @param step goes so many findings on, or back
     * @param along goes so many steps along the pipe, or back
     */
    ReachPanel(Context desk, Consumer<LocatedFinding> open, IntConsumer step, IntConsumer along) {
        this.desk = desk;
        this.open = open;
        this.step = step;
        this.picture = new FramePicture(desk, PICTURE);
        this.places = new PlacePage(desk, picture, along);
    }

    @Override
    public String title() {
        return "Picture";
    }

    /** Shows a place on a pipe until a finding is wanted. */
    void turnTo(String branch, Station at) {
        place = new Place(branch, at);
    }

    /** Shows the chosen finding. */
    void turnToFinding() {
        place = null;
    }

    /** The place that is turned to, or that of the chosen finding; empty where neither is. */
    Optional<Place> at() {
        return Optional.ofNullable(place)
                .or(() -> desk.selectedFinding()
                        .flatMap(f ->
                                desk.work().now().survey().thing(f.finding().id()))
                        .flatMap(f -> f.extent().map(e -> new Place(f.branch(), e.middle()))));
    }

    /** The frame that shows best what is turned to; empty where there is none. */
    Optional<FrameRef> best() {
        Survey survey = desk.work().now().survey();
        return place != null
                ? survey.bestAt(place.branch(), place.at())
                : desk.selectedFinding()
                        .flatMap(f -> survey.thing(f.finding().id()))
                        .map(LocatedFinding::best);
    }

    /** Why there is no best frame. */
    String nothingToOpen() {
        return place == null
                ? "Click a knot or the pipe first: then its footage can be opened."
                : "No footage shows this place: the camera was never there.";
    }

    @Override
    public Node build() {
        Survey survey = desk.work().now().survey();
        Optional<Way> way =
                Optional.ofNullable(place).flatMap(p -> survey.line().way(p.branch()));
        if (way.isPresent()) {
            return places.build(way.get(), place.at());
        }
        Optional<LocatedFinding> chosen =
                Optional.ofNullable(desk.selected().get()).flatMap(survey::thing);
        if (chosen.isEmpty()) {
            Table none = new Table("No finding is chosen");
            none.words(
                    "Click a knot or the pipe, or press N and P to go from finding to finding, comma and full stop to go along the pipe.");
            HBox box = new HBox(none);
            box.getStyleClass().add("page");
            return box;
        }
        LocatedFinding found = chosen.get();
        picture.show(found.best(), found.finding().phrase());
        VBox left = new VBox(
                8,
                picture,
                Labels.button(
                        "Open on Mark",
                        Act.OPEN_FOOTAGE.key(),
                        "Open the footage of this finding",
                        () -> open.accept(found)),
                new HBox(
                        8,
                        Labels.button(
                                "Before", Act.FINDING_BEFORE.key(), "Choose the finding before", () -> step.accept(-1)),
                        Labels.button(
                                "Next", Act.FINDING_NEXT.key(), "Choose the next finding", () -> step.accept(1))));
        HBox box = new HBox(32, left, facts(found, survey), reaches(found, survey));
        box.getStyleClass().add("page");
        return box;
    }

    private static Table facts(LocatedFinding found, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Line line = survey.line();
        Table table = new Table(found.finding().phrase());
        found.extent()
                .ifPresent(e ->
                        table.row("Where", line.place(found.branch(), e, unit).all()));
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
                .ifPresent(d -> table.row("Trench", unit.forDepths().show(d) + " at its deepest"));
        found.extent()
                .filter(e -> found.branch().equals(Branch.LINE))
                .map(Surfaces.of(survey.findings())::words)
                .filter(w -> !w.isEmpty())
                .ifPresent(w -> table.row("Above", w));
        return table;
    }

    private static Table reaches(LocatedFinding found, Survey survey) {
        LengthUnit unit = survey.facts().unit();
        Table table = new Table("What a cleaning tool does from where");
        List<Reach> reaches =
                survey.line().reaches(survey.rules().line(), survey.findings()).to(found);
        for (Reach reach : reaches) {
            table.row(
                    reach.passage().word(),
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
