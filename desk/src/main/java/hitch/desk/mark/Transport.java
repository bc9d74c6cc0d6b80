package hitch.desk.mark;

import hitch.core.footage.Clip;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.Player;
import hitch.desk.play.Speeds;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.util.StringConverter;

/** Play, step, speed, loop and sound. */
final class Transport extends FlowPane {
    /** The row has room to spare from this width on, pixels. */
    private static final double WIDE = 1000;

    private final Player player;
    private final ComboBox<Clip> clips = new ComboBox<>();
    private boolean following;

    Transport(Context desk, Runnable seeBetter, Runnable measure) {
        player = desk.player();
        setHgap(6);
        setVgap(4);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("transport");
        Button play = Labels.button("Play", Act.PLAY.key(), "Play or pause", player::togglePlaying);
        play.setId("play");
        player.playingProperty().addListener((o, was, is) -> play.setText(is ? "Pause" : "Play"));
        Button back = Labels.button("", Act.FRAME_BACK.key(), "One frame back; with Shift ten", () -> player.step(-1));
        Button on = Labels.button("", Act.FRAME_ON.key(), "One frame on; with Shift ten", () -> player.step(1));
        back.setId("step-back");
        on.setId("step-on");
        Button loop =
                Labels.button("Loop", Act.LOOP.key(), "Loop: its start, then its end, then none", player::toggleLoop);
        loop.setId("loop");
        player.loopProperty()
                .addListener(
                        (o, was, is) -> loop.setText(is == null ? "Loop" : is.isWhole() ? "End loop" : "Loop to here"));
        Button better =
                Labels.button("See better", Act.SEE_BETTER.key(), "Turn, mirror or brighten the picture", seeBetter);
        better.setId("see-better");
        Button sizes = Labels.button("Measure", Act.MEASURE.key(), Act.MEASURE.words(), measure);
        sizes.setId("measure");
        for (Button button : new Button[] {play, back, on, loop, better, sizes}) {
            button.setFocusTraversable(false);
            button.setMinWidth(USE_PREF_SIZE);
        }
        play.setMinWidth(96);
        getChildren().addAll(clipChoice(), play, back, on, speedChoice(), loop, better, sizes);
        desk.work().snapshotProperty().addListener((o, was, is) -> fill(is.job().clipsInUse()));
        fill(desk.work().now().job().clipsInUse());
        player.shownProperty().addListener((o, was, is) -> follow(is));
    }

    private ComboBox<Double> speedChoice() {
        ComboBox<Double> speed = new ComboBox<>();
        Speeds.ALL.forEach(s -> speed.getItems().add(s));
        Speeds.ALL.forEach(s -> speed.getItems().add(-s));
        speed.setConverter(converter(Speeds::words));
        speed.setValue(player.speedProperty().get());
        speed.setId("speed");
        speed.setAccessibleText("Speed; Up and Down change it, B turns it round");
        speed.setTooltip(new javafx.scene.control.Tooltip("Speed: ↑ faster, ↓ slower, B back"));
        speed.setFocusTraversable(false);
        speed.setMinWidth(84);
        speed.setPrefWidth(84);
        speed.setOnAction(e -> player.setSpeed(speed.getValue()));
        player.speedProperty().addListener((o, was, is) -> speed.setValue(is.doubleValue()));
        return speed;
    }

    private ComboBox<Clip> clipChoice() {
        clips.setId("clips");
        clips.setAccessibleText("Clip");
        clips.setFocusTraversable(false);
        // A wide window shows a clip's whole name.
        clips.prefWidthProperty().bind(widthProperty().map(w -> w.doubleValue() >= WIDE ? 230.0 : 140.0));
        clips.getStyleClass().add("clip-choice");
        clips.setConverter(converter(clip -> clip == null ? "no clip" : clip.fileName()));
        clips.setOnAction(e -> {
            Clip chosen = clips.getValue();
            if (!following
                    && chosen != null
                    && !chosen.equals(player.clipProperty().get())) {
                player.playingProperty().set(false);
                player.seek(chosen, 0);
            }
        });
        return clips;
    }

    private static <T> StringConverter<T> converter(java.util.function.Function<T, String> words) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return words.apply(value);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        };
    }

    private void fill(java.util.List<Clip> all) {
        if (!all.equals(clips.getItems())) {
            following = true;
            Fields.offer(clips, all, player.clipProperty().get());
            following = false;
        }
    }

    private void follow(Player.Frame shown) {
        if (shown != null) {
            following = true;
            clips.setValue(shown.clip());
            following = false;
        }
    }
}
