package hitch.desk.cut;

import hitch.core.disclosure.Recipient;
import hitch.core.job.View;
import hitch.core.sketch.FilmMap;
import hitch.core.story.ScriptLine;
import hitch.core.story.Shot;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.DeviceSpeaker;
import hitch.desk.widget.Labels;
import java.awt.Color;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The film at the paragraph under the hand: standing while one writes, playing from there when one asks. */
final class PreviewPane extends VBox {
    /** The picture's height against its width. */
    private static final double HIGH = 9 / 16.0;

    private static final double LEAST = 480;

    private final ScriptRoom room;
    private final PreviewPlayer player;
    private final ImageView view = new ImageView();
    private final WritableImage image = new WritableImage(PreviewPlayer.SHAPE.width(), PreviewPlayer.SHAPE.height());
    private final AtomicReference<int[]> next = new AtomicReference<>();
    private final Button play =
            Labels.button("Play from here", Act.PLAY_ANYWHERE.key(), "Play from this paragraph", this::toggle);
    private final Label trouble = Labels.of("", "well-text");
    /** The key of the shot that plays; blank while none does. */
    private String playing = "";

    PreviewPane(ScriptRoom room) {
        super(8);
        this.room = room;
        player = new PreviewPlayer(new DeviceSpeaker(), new PreviewPlayer.Screen() {
            @Override
            public void picture(int[] rgb) {
                if (next.getAndSet(rgb) == null) {
                    Platform.runLater(PreviewPane.this::draw);
                }
            }

            @Override
            public void playing(Optional<String> key) {
                Platform.runLater(() -> tell(key));
            }

            @Override
            public void trouble(String words) {
                Platform.runLater(() -> trouble.setText(words));
            }
        });
        setId("preview");
        view.setImage(image);
        view.fitWidthProperty().bind(widthProperty());
        view.fitHeightProperty().bind(widthProperty().multiply(HIGH));
        trouble.setWrapText(true);
        StackPane well = new Well(view, trouble);
        well.getStyleClass().add("well");
        setMinWidth(LEAST);
        view.setOnMouseClicked(e -> goInto(e.getX() / getWidth(), e.getY() / (getWidth() * HIGH)));
        play.setId("preview-play");
        HBox bar = new HBox(10, play);
        bar.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(well, bar);
    }

    /** As high as its width asks for, so that what stands below it is put in its place at once. */
    private static final class Well extends StackPane {
        Well(Node... shown) {
            super(shown);
        }

        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefHeight(double width) {
            return Math.max(LEAST, width) * HIGH;
        }

        @Override
        protected double computeMinHeight(double width) {
            return computePrefHeight(width);
        }

        @Override
        protected double computeMaxHeight(double width) {
            return computePrefHeight(width);
        }
    }

    /** Goes into a held picture or a still at a place of it. */
    private void goInto(double x, double y) {
        room.chosenLine().filter(l -> ShotSettings.isHeldPicture(l.shot())).ifPresent(l -> {
            double zoom = l.change().view().map(View::zoom).orElse(2.0);
            room.change(l.proposed().key(), c -> c.withView(Optional.of(new View(zoom, x, y))));
        });
    }

    private void draw() {
        int[] rgb = next.getAndSet(null);
        if (rgb == null) {
            return;
        }
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] |= 0xFF000000;
        }
        int width = PreviewPlayer.SHAPE.width();
        image.getPixelWriter()
                .setPixels(0, 0, width, PreviewPlayer.SHAPE.height(), PixelFormat.getIntArgbInstance(), rgb, 0, width);
        trouble.setText("");
    }

    private void tell(Optional<String> key) {
        playing = key.orElse("");
        play.setText(key.isPresent() ? "Stop" : "Play from here");
        key.ifPresent(room.chosen()::set);
    }

    /** The script was written anew. */
    void written(ScriptRoom.Written now) {
        Context desk = room.desk();
        Recipient whom = now.recipient();
        player.film(new PreviewPlayer.Film(
                now.may(),
                whom.isPublic()
                        ? Optional.empty()
                        : FilmMap.of(desk.work().now().survey()),
                Color.decode(desk.work().firm().profileProperty().get().cards()),
                desk.work().narrator(whom),
                desk.work().footage()));
        if (playing.isEmpty()) {
            room.chosenLine().ifPresent(l -> stand(l, 0));
        }
    }

    /** Shows a paragraph's shot at a share of its words, unless something plays. */
    void stand(ScriptLine line, double share) {
        if (playing.isEmpty()) {
            player.stand(line.shot(), share);
        }
    }

    boolean toggle() {
        if (!playing.isEmpty()) {
            player.stop();
            return true;
        }
        List<Shot> shots = room.written().map(w -> w.script().told().shots()).orElse(List.of());
        int from = 0;
        for (int i = 0; i < shots.size(); i++) {
            from = shots.get(i).key().equals(room.chosen().get()) ? i : from;
        }
        player.play(shots.subList(from, shots.size()));
        return !shots.isEmpty();
    }

    void stop() {
        if (!playing.isEmpty()) {
            player.stop();
        }
    }

    void close() {
        player.close();
    }
}
