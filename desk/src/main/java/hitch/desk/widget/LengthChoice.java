package hitch.desk.widget;

import hitch.core.story.Length;
import hitch.core.story.words.Grammar;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/** How long a film is to be: one of the usual lengths, or so many seconds. */
public final class LengthChoice extends HBox {
    private static final List<Length> LENGTHS = List.of(Length.SHORT, Length.STANDARD, Length.FULL);
    private static final double WIDE = 96;

    /**
     * @param name what the choices are called by who does not see them, and found by: {@code film} makes {@code #film-short}
     */
    public LengthChoice(String name, ObjectProperty<Length> length) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (Length each : LENGTHS) {
            ToggleButton button = new ToggleButton(words(each));
            button.setId(name + "-" + each.word());
            button.setToggleGroup(group);
            button.setOnAction(e -> {
                // One of them always stands.
                button.setSelected(true);
                length.set(each);
            });
            button.setSelected(each.equals(length.get()));
            length.addListener((o, was, is) -> button.setSelected(each.equals(is)));
            getChildren().add(button);
        }
        TextField seconds = Fields.text("Length of the film in seconds, 20 to 3600", "", WIDE, t -> {
            Optional<Length> own = Length.of(t);
            own.ifPresent(length::set);
        });
        seconds.setPromptText("seconds");
        seconds.setId(name + "-seconds");
        Runnable tell = () -> {
            Length now = length.get();
            seconds.setText(
                    LENGTHS.contains(now) || now.seconds().isEmpty()
                            ? ""
                            : String.valueOf((int) now.seconds().getAsDouble()));
            Typing.kept(seconds);
        };
        length.addListener((o, was, is) -> tell.run());
        tell.run();
        getChildren().add(seconds);
    }

    private static String words(Length length) {
        return Grammar.capital(length.word())
                + (length.seconds().isPresent() ? ", " + (int) length.seconds().getAsDouble() + " s" : "");
    }
}
