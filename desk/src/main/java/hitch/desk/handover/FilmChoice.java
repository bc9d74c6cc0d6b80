package hitch.desk.handover;

import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.desk.widget.Labels;
import hitch.desk.widget.LengthChoice;
import hitch.media.film.FilmShape;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** How long and how large the film is to be. */
final class FilmChoice extends VBox {
    private final ObjectProperty<Length> length;
    private final CheckBox large = new CheckBox("1920 by 1080, 30 pictures a second");

    /**
     * @param changed told when another size was chosen
     */
    FilmChoice(ObjectProperty<Length> length, Runnable changed) {
        super(2);
        this.length = length;
        large.setId("film-large");
        large.selectedProperty().addListener((o, was, is) -> changed.run());
        LengthChoice choice = new LengthChoice("film", length);
        choice.setMinWidth(USE_PREF_SIZE);
        large.setMinWidth(USE_PREF_SIZE);
        FlowPane row = new FlowPane(12, 8, choice, large);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setPrefWrapLength(0);
        getChildren().addAll(Labels.of("The film", "field-label"), row);
    }

    StoryWish of(StoryWish firms) {
        return firms.lasting(length.get());
    }

    FilmShape shape() {
        return large.isSelected() ? FilmShape.LARGE : FilmShape.USUAL;
    }
}
