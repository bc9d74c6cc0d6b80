package hitch.desk.mark;

import hitch.core.eyes.LookHere;
import hitch.core.footage.ClockText;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Labels;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One place that stands out: its picture, where it is, why it is shown, and a button that waves it away. */
final class LookCell extends ListCell<LookHere> {
    private static final double PICTURE = 84;

    private final Context desk;
    private final FramePicture picture;
    private final Label place = Labels.of("", "measure");
    private final Label way = Labels.mayBeCut(Labels.of("", "soft"));
    private final Label why = Labels.of("", "soft");
    private final HBox row;

    LookCell(Context desk, Consumer<LookHere> show, Consumer<LookHere> wave) {
        this.desk = desk;
        picture = new FramePicture(desk, PICTURE);
        place.setMinWidth(Region.USE_PREF_SIZE);
        why.setWrapText(true);
        HBox where = new HBox(8, place, way);
        where.setAlignment(Pos.CENTER_LEFT);
        Button nothing = Labels.button("Nothing here", "", Act.WAVE_AWAY.words(), () -> wave.accept(getItem()));
        nothing.setFocusTraversable(false);
        nothing.setMinWidth(Region.USE_PREF_SIZE);
        VBox words = new VBox(3, where, why);
        words.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        row = new HBox(12, picture, words, nothing);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setPrefWidth(10);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setOnMouseClicked(e -> {
            if (!isEmpty()) {
                show.accept(getItem());
            }
        });
    }

    @Override
    protected void updateItem(LookHere look, boolean empty) {
        super.updateItem(look, empty);
        if (empty || look == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        Survey survey = desk.work().now().survey();
        Optional<PlaceWords> at = survey.placeAt(look.frame());
        place.setText(at.map(PlaceWords::distance).orElse(Wording.NO_STATION));
        way.setText(at.map(PlaceWords::way).orElse(""));
        String when = survey.clip(look.frame().clip())
                .map(c -> c.fileName() + ", "
                        + ClockText.of(c.secondsInto(look.frame().pts())))
                .orElse("");
        // That the wall is unlike the rest is said once above; only another reason is told here.
        why.setText(
                look.why() == LookHere.Why.WALL
                        ? when
                        : when + ": " + look.why().words());
        picture.show(look.frame(), place.getText());
        setAccessibleText(place.getText() + " " + way.getText() + ", " + when + ": "
                + look.why().words());
        setGraphic(row);
    }
}
