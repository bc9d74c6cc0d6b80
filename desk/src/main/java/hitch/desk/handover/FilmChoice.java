package hitch.desk.handover;

import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.core.story.words.Grammar;
import hitch.desk.widget.Labels;
import hitch.media.film.FilmShape;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How long and how large the film is to be. */
final class FilmChoice extends VBox {
    private static final List<Length> LENGTHS = List.of(Length.SHORT, Length.STANDARD, Length.FULL);

    private final ToggleGroup lengths = new ToggleGroup();
    private final CheckBox large = new CheckBox("1920 by 1080, 30 pictures a second");

    FilmChoice() {
        super(2);
        HBox row = new HBox(8);
        row.setAlignment(Pos.CENTER_LEFT);
        for (Length length : LENGTHS) {
            ToggleButton button = new ToggleButton(Grammar.capital(length.word())
                    + (length.seconds().isPresent()
                            ? ", " + (int) length.seconds().getAsDouble() + " s"
                            : ""));
            button.setId("film-" + length.word());
            button.setUserData(length);
            button.setToggleGroup(lengths);
            button.setSelected(length == Length.STANDARD);
            // One of them always stands.
            button.setOnAction(e -> button.setSelected(true));
            row.getChildren().add(button);
        }
        large.setId("film-large");
        row.getChildren().add(large);
        getChildren().addAll(Labels.of("The film", "field-label"), row);
    }

    StoryWish of(StoryWish firms) {
        return firms.lasting((Length) lengths.getSelectedToggle().getUserData());
    }

    FilmShape shape() {
        return large.isSelected() ? FilmShape.LARGE : FilmShape.USUAL;
    }
}
