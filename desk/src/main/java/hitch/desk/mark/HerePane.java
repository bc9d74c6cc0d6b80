package hitch.desk.mark;

import hitch.core.counter.Heading;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is already known within a couple of feet of the shown frame, from any pass. */
final class HerePane extends VBox {
    /** How far along the line counts as here. */
    static final Distance NEAR = Distance.feet(2);

    private final Context desk;
    private final HBox row = new HBox(12);
    /** How many more are near than there is room for. */
    private final Label others = Labels.of("", "soft");

    private List<LocatedFinding> shown = List.of();
    private long stills = -1;

    HerePane(Context desk) {
        this.desk = desk;
        setSpacing(8);
        setMinHeight(USE_PREF_SIZE);
        row.setMinHeight(64);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox top = new HBox(8, Labels.heading("Here"), others);
        top.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(top, row);
        desk.player().shownProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        desk.work().stillsTakenProperty().addListener((o, was, is) -> update());
        update();
    }

    private void update() {
        List<LocatedFinding> near = desk.player().shown().map(this::near).orElse(List.of());
        long taken = desk.work().stillsTakenProperty().get();
        if (near.equals(shown) && taken == stills && !row.getChildren().isEmpty()) {
            return;
        }
        shown = near;
        stills = taken;
        row.getChildren().setAll(near.stream().limit(2).map(this::card).toList());
        if (near.isEmpty()) {
            row.getChildren().add(Labels.of("Nothing is marked within 2 ft of this frame.", "soft"));
        }
        others.setText(near.size() > 2 ? "and " + (near.size() - 2) + " more" : "");
    }

    private List<LocatedFinding> near(Player.Frame frame) {
        Optional<Station> at = desk.work().now().survey().stationAt(frame.ref());
        return at.map(s -> desk.work().now().survey().noted().stream()
                        .filter(f ->
                                f.finding().kind().isToBeSeen() && f.extent().isPresent() && isNear(f, s))
                        .toList())
                .orElse(List.of());
    }

    private static boolean isNear(LocatedFinding found, Station at) {
        var extent = found.extent().orElseThrow();
        return extent.covers(at)
                || extent.from().to(at).compareTo(NEAR) <= 0
                || extent.to().to(at).compareTo(NEAR) <= 0;
    }

    private Node card(LocatedFinding found) {
        StillView still = new StillView(80, 60);
        still.show(desk.work().still(found.finding()));
        Survey survey = desk.work().now().survey();
        Label what = Labels.of(found.finding().kind().title(), "strong");
        Label when = Labels.of(seen(found), "soft");
        Label where = Labels.of(
                survey.line()
                        .place(found, survey.facts().unit())
                        .map(PlaceWords::distance)
                        .orElse(""),
                "measure");
        for (Label label : new Label[] {what, when, where}) {
            label.setMaxWidth(112);
            Labels.mayBeCut(label).setMinWidth(112);
        }
        VBox words = new VBox(2, what, where, when);
        words.setAlignment(Pos.CENTER_LEFT);
        HBox card = new HBox(8, still, words);
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().add("here-card");
        card.setOnMouseClicked(e -> desk.goTo(found));
        card.setAccessibleText(found.finding().phrase() + ", " + when.getText());
        return card;
    }

    private String seen(LocatedFinding found) {
        Optional<Clip> clip =
                desk.work().now().survey().clip(found.finding().frame().clip());
        String at = clip.map(
                        c -> ClockText.of(c.secondsInto(found.finding().frame().pts())))
                .orElse("");
        return (found.heading() == Heading.STILL
                        ? "at rest "
                        : "going " + found.heading().word() + " ")
                + at;
    }
}
