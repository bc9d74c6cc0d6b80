package hitch.desk.mark;

import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Station;
import hitch.core.survey.PipeHere;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** What is already known within a couple of feet of the shown frame, from any pass, in one line. */
final class HerePane extends HBox {
    private static final int NAMED = 2;

    private final Context desk;
    private List<LocatedFinding> shown;

    HerePane(Context desk) {
        super(6);
        this.desk = desk;
        setId("here");
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(USE_PREF_SIZE);
        desk.player().shownProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        update();
    }

    private void update() {
        List<LocatedFinding> near = desk.player().shown().map(this::near).orElse(List.of());
        if (near.equals(shown)) {
            return;
        }
        shown = near;
        Label heading = Labels.of("Here", "strong");
        heading.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(heading);
        near.stream().limit(NAMED).map(this::link).forEach(getChildren()::add);
        if (near.isEmpty()) {
            getChildren()
                    .add(Labels.mayBeCut(Labels.of(
                            "nothing is marked within "
                                    + desk.work().now().survey().facts().unit().show(PipeHere.NEAR) + " of this frame",
                            "soft")));
        } else if (near.size() > NAMED) {
            Label others = Labels.of("and " + (near.size() - NAMED) + " more", "soft");
            others.setMinWidth(USE_PREF_SIZE);
            getChildren().add(others);
        }
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
                || extent.from().to(at).compareTo(PipeHere.NEAR) <= 0
                || extent.to().to(at).compareTo(PipeHere.NEAR) <= 0;
    }

    private Button link(LocatedFinding found) {
        Survey survey = desk.work().now().survey();
        String where = survey.line()
                .place(found, survey.facts().unit())
                .map(PlaceWords::distance)
                .orElse("");
        Button link = new Button(found.finding().kind().title() + " " + where);
        link.getStyleClass().addAll("bare", "link");
        link.setFocusTraversable(false);
        link.setTooltip(new Tooltip(found.finding().phrase()));
        link.setAccessibleText("Go to " + found.finding().phrase() + ", " + where);
        link.setOnAction(e -> desk.goTo(found));
        return link;
    }
}
