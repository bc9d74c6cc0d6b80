package hitch.desk.load;

import hitch.core.detail.Arrival;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Fixtures.Fixture;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Every room and fixture, and what became of its water: run or not, seen or heard to come, after how long. */
final class FixturesPane extends VBox {
    private final Context desk;
    private final GridPane rows = new GridPane(16, 8);
    private final TextField name = new TextField();

    FixturesPane(Context desk) {
        this.desk = desk;
        setSpacing(8);
        name.setId("new-fixture");
        name.setPromptText("hall bath");
        name.setAccessibleText("Room or fixture to add");
        name.setPrefWidth(160);
        name.setOnAction(e -> addRoom());
        HBox top = new HBox(
                12, Labels.heading("Water"), name, Labels.button("Add", "", "Add a room or fixture", this::addRoom));
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, rows);
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (was == null || !was.job().findings().equals(is.job().findings())) {
                Typing.orOnceLeft(rows, this::fill);
            }
        });
        fill();
    }

    private void fill() {
        rows.getChildren().clear();
        List<Fixture> all = Fixtures.of(desk.work().now().survey().findings()).all();
        if (all.isEmpty()) {
            rows.add(
                    Labels.of(
                            "No room was named yet. What is not tested here is told in the report as untested.",
                            "soft"),
                    0,
                    0);
            return;
        }
        String[] heads = {"Room or fixture", "Run", "Its water", "After"};
        for (int i = 0; i < heads.length; i++) {
            rows.add(Labels.of(heads[i], "field-label"), i, 0);
        }
        int row = 1;
        for (Fixture fixture : all) {
            Node came = Fields.choice(
                    "Water of " + fixture.room(),
                    List.of(Arrival.values()),
                    fixture.arrived(),
                    Arrival::word,
                    a -> say(fixture, new Details.Change(Detail.ARRIVED, a.word())));
            rows.addRow(
                    row++,
                    Labels.of(fixture.room(), "strong"),
                    Fields.text(
                            "How " + fixture.room() + " was run",
                            fixture.ran(),
                            120,
                            t -> say(fixture, new Details.Change(Detail.RAN, t))),
                    came,
                    Fields.text("Delay of " + fixture.room(), fixture.delay(), 90, t -> delay(fixture, t)));
        }
    }

    private void delay(Fixture fixture, String text) {
        if (!text.isBlank() && Detail.DELAY.read(text).isEmpty()) {
            desk.work().notices().say(Details.wrong(Detail.DELAY, text) + ". It was left as it was.");
            fill();
        } else {
            say(fixture, new Details.Change(Detail.DELAY, text));
        }
    }

    private void addRoom() {
        String room = name.getText().strip();
        if (!room.isEmpty()) {
            name.clear();
            desk.work()
                    .edit(job -> frame(job)
                            .map(at -> new Edit.AddFinding(test(
                                    job.nextId(),
                                    at,
                                    Details.of(Detail.ROOM, room).with(Detail.ARRIVED, Arrival.UNTESTED)))));
        }
    }

    /** Changes the last test of a fixture; one that was only named is given its first. */
    private void say(Fixture fixture, Details.Change change) {
        desk.work().edit(job -> {
            Optional<Finding> tested = fixture.findings().reversed().stream()
                    .flatMap(id -> job.finding(id).stream())
                    .filter(f -> f.kind() == FindingKind.FIXTURE_TEST)
                    .findFirst();
            if (tested.isPresent()) {
                Traits is = tested.get().traits();
                return Optional.of(new Edit.SayOfFinding(
                        tested.get().id(),
                        is.withDetails(change.in(is.details())),
                        tested.get().certainty()));
            }
            Details first = change.in(Details.of(Detail.ROOM, fixture.room()).with(Detail.ARRIVED, fixture.arrived()));
            return frame(job).map(at -> new Edit.AddFinding(test(job.nextId(), at, first)));
        });
    }

    private static Finding test(FindingId id, FrameRef at, Details details) {
        return new Finding(
                id,
                FindingKind.FIXTURE_TEST,
                at,
                Optional.empty(),
                Traits.NONE.withDetails(details),
                details.get(Detail.ROOM).orElse(""),
                "",
                Optional.empty(),
                List.of());
    }

    /** The frame on show; before any is, the first of the footage. */
    private Optional<FrameRef> frame(Job job) {
        return desk.player()
                .shown()
                .map(f -> f.ref())
                .or(() -> job.clips().stream().findFirst().map(c -> new FrameRef(c.id(), c.firstPts())));
    }
}
