package hitch.desk.mark;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.core.talk.Twins;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Rope;
import hitch.desk.widget.StillView;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One finding in the list: still, words, place, weight on its rope. A second mouse button shows what can be done with it. */
class FindingCell extends ListCell<LocatedFinding> {
    private final Context desk;
    private final StillView still = new StillView(52, 39);
    private final Label what = Labels.of("", "strong");
    private final Label place = Labels.of("", "measure");
    private final Label more = Labels.mayBeCut(Labels.of("", "soft"));
    private final HBox weight = new HBox(8);
    private final HBox row;

    FindingCell(Context desk, Supplier<List<MenuItem>> acts) {
        this.desk = desk;
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox bottom = new HBox(10, place, more, gap, weight);
        bottom.setAlignment(Pos.CENTER_LEFT);
        what.setWrapText(true);
        place.setMinWidth(Region.USE_PREF_SIZE);
        weight.setAlignment(Pos.CENTER_RIGHT);
        weight.setMinWidth(Region.USE_PREF_SIZE);
        VBox words = new VBox(2, what, bottom);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setAlignment(Pos.CENTER_LEFT);
        row = new HBox(12, still, words);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setPrefWidth(10);
        setContentDisplay(javafx.scene.control.ContentDisplay.GRAPHIC_ONLY);
        setOnMouseClicked(e -> {
            if (!isEmpty()) {
                desk.goTo(getItem());
            }
        });
        setOnContextMenuRequested(e -> {
            if (!isEmpty()) {
                desk.selected().set(getItem().finding().id());
                ContextMenu menu = new ContextMenu();
                menu.getItems().setAll(acts.get());
                menu.show(this, e.getScreenX(), e.getScreenY());
                e.consume();
            }
        });
        setOnDragDetected(e -> {
            if (!isEmpty()) {
                Carried.of(desk, getItem())
                        .ifPresent(c -> startDragAndDrop(TransferMode.COPY).setContent(c));
                e.consume();
            }
        });
    }

    @Override
    protected void updateItem(LocatedFinding found, boolean empty) {
        super.updateItem(found, empty);
        if (empty || found == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        Survey survey = desk.work().now().survey();
        Optional<PlaceWords> at = survey.line().place(found, survey.facts().unit());
        still.show(desk.work().still(found.finding()));
        what.setText(found.finding().brief());
        what.setTooltip(new Tooltip(found.finding().phrase()));
        place.setText(at.map(PlaceWords::distance).orElse(Wording.NO_STATION));
        more.setText(more(found, at.map(PlaceWords::way).orElse("")));
        Label word = Labels.of(found.weight().word(), "soft");
        word.setMinWidth(40);
        weight.getChildren().setAll(new Rope(found.weight(), desk.theme().tones()), word);
        setAccessibleText(found.finding().phrase() + ", "
                + Wording.place(found, survey.line(), survey.facts().unit()) + ", "
                + found.weight().word());
        setGraphic(row);
    }

    private String more(LocatedFinding found, String way) {
        boolean amended = !found.finding().history().isEmpty();
        String remark = found.finding().kind() == FindingKind.REMARK
                ? ""
                : found.finding().remark();
        int times = found.finding().sightings().size() + 1;
        String twin = Twins.of(found, desk.work().now().survey().noted())
                .map(t -> "same as " + t.finding().id() + "?  Y one, D two")
                .orElse("");
        String again = found.finding().traits().details().has(Detail.LOOK_AGAIN) ? "look again" : "";
        String measured = found.finding().told().map(s -> s.offBy()).orElse("");
        return Stream.of(
                        twin,
                        again,
                        measured,
                        way,
                        times > 1 ? "seen " + times + " times" : "",
                        amended ? "amended" : "",
                        remark)
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining("  ·  "));
    }
}
