package hitch.desk.mark;

import hitch.core.footage.Clip;
import hitch.desk.Context;
import hitch.desk.Player;
import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;

/** Play, step, and a slider along the clip's time. */
final class Transport extends HBox {
    private final Player player;
    private final Slider slider = new Slider(0, 1, 0);
    private final ComboBox<Clip> clips = new ComboBox<>();
    private boolean following;

    Transport(Context desk) {
        player = desk.player();
        setSpacing(8);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("transport");
        Button play = Labels.button("Play", "Space", "Play or pause", player::togglePlaying);
        play.setId("play");
        play.setMinWidth(112);
        player.playingProperty().addListener((o, was, is) -> play.setText(is ? "Pause" : "Play"));
        Button back = Labels.button("Back", "←", "One frame back", () -> player.step(-1));
        Button on = Labels.button("On", "→", "One frame on", () -> player.step(1));
        back.setId("step-back");
        on.setId("step-on");
        for (Button button : new Button[] {play, back, on}) {
            button.setFocusTraversable(false);
            button.setMinWidth(USE_PREF_SIZE);
        }
        slider.setId("time");
        slider.setAccessibleText("Time in the clip");
        slider.setFocusTraversable(false);
        HBox.setHgrow(slider, Priority.ALWAYS);
        slider.valueProperty().addListener((o, was, is) -> {
            if (!following && player.clipProperty().get() != null) {
                player.playingProperty().set(false);
                player.seek(player.clipProperty().get(), is.doubleValue());
            }
        });
        clips.setId("clips");
        clips.setAccessibleText("Clip");
        clips.setFocusTraversable(false);
        clips.setPrefWidth(184);
        clips.setMinWidth(150);
        clips.setConverter(new StringConverter<>() {
            @Override
            public String toString(Clip clip) {
                return clip == null ? "no clip" : clip.fileName();
            }

            @Override
            public Clip fromString(String text) {
                return null;
            }
        });
        clips.setOnAction(e -> {
            Clip chosen = clips.getValue();
            if (!following
                    && chosen != null
                    && !chosen.equals(player.clipProperty().get())) {
                player.playingProperty().set(false);
                player.seek(chosen, 0);
            }
        });
        getChildren().addAll(clips, play, back, on, slider);
        desk.work().snapshotProperty().addListener((o, was, is) -> fill(is.job().clips()));
        fill(desk.work().now().job().clips());
        player.shownProperty().addListener((o, was, is) -> follow(is));
    }

    private void fill(java.util.List<Clip> all) {
        if (!all.equals(clips.getItems())) {
            following = true;
            clips.getItems().setAll(all);
            clips.setValue(player.clipProperty().get());
            following = false;
        }
    }

    private void follow(Player.Frame shown) {
        if (shown == null || slider.isValueChanging()) {
            return;
        }
        following = true;
        slider.setMax(shown.clip().seconds());
        slider.setValue(shown.seconds());
        clips.setValue(shown.clip());
        following = false;
    }
}
