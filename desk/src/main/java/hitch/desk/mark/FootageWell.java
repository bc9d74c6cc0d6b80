package hitch.desk.mark;

import hitch.core.counter.sight.CounterPlace;
import hitch.core.finding.ClockPosition;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Stretch;
import hitch.desk.Context;
import hitch.desk.measure.DrawLayer;
import hitch.desk.measure.MeasureLayer;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import hitch.media.clip.Picture;
import java.nio.IntBuffer;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;

/** The footage in its dark well, as large as fits, never stretched, with what is done to it written in a corner. */
final class FootageWell extends StackPane {
    private final Context desk;
    private final ImageView view = new ImageView();
    private final Label state = Labels.of("", "well-chip");
    private final Label clock = Labels.of("", "well-chip");
    private final CounterBox box;
    private final CounterBook book;
    private final MeasureLayer measure;
    private final DrawLayer drawing;

    FootageWell(Context desk, CounterBox box, CounterBook book, MeasureLayer measure, DrawLayer drawing) {
        this.desk = desk;
        this.box = box;
        this.book = book;
        this.measure = measure;
        this.drawing = drawing;
        Player player = desk.player();
        getStyleClass().add("well");
        setId("well");
        setMinSize(320, 160);
        Label trouble = new Label();
        trouble.getStyleClass().add("well-text");
        trouble.setWrapText(true);
        trouble.setMaxWidth(420);
        trouble.textProperty().bind(player.troubleProperty());
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setManaged(false);
        for (Label chip : new Label[] {state, clock}) {
            chip.setMouseTransparent(true);
        }
        state.setId("seen-through");
        clock.setId("clock");
        StackPane.setAlignment(state, Pos.TOP_LEFT);
        StackPane.setAlignment(clock, Pos.TOP_RIGHT);
        box.setManaged(false);
        getChildren().addAll(view, trouble, box, measure, drawing, state, clock);
        state.visibleProperty().bind(state.textProperty().isNotEmpty());
        clock.visibleProperty().bind(clock.textProperty().isNotEmpty());
        player.shownProperty().addListener((o, was, is) -> show(is));
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            tellState(player.shownProperty().get());
            requestLayout();
        });
        show(player.shownProperty().get());
        setOnMouseMoved(this::pointAt);
        setOnMouseExited(e -> clock.setText(""));
        setAccessibleText("Footage");
    }

    /** Shows the footage as recorded, or again as it is adjusted. */
    void toggleAsRecorded() {
        desk.work().asRecorded(!desk.work().isAsRecorded());
        desk.player().refresh();
    }

    private void show(Player.Frame frame) {
        tellState(frame);
        if (frame == null) {
            view.setImage(null);
            return;
        }
        Picture picture = frame.picture();
        view.setImage(new WritableImage(new PixelBuffer<>(
                picture.width(),
                picture.height(),
                IntBuffer.wrap(picture.rgb()),
                PixelFormat.getIntArgbPreInstance())));
        requestLayout();
    }

    private void tellState(Player.Frame frame) {
        if (frame == null) {
            state.setText("");
            return;
        }
        long pts = frame.picture().pts();
        Optional<Stretch> bad = desk
                .work()
                .now()
                .survey()
                .stretchesOf(frame.clip().id())
                .stream()
                .filter(s -> s.reason().hides() && s.covers(pts))
                .findFirst();
        boolean asRecorded = desk.work().isAsRecorded()
                && !desk.work()
                        .now()
                        .job()
                        .adjustmentsOf(frame.clip().id())
                        .at(pts)
                        .isNone();
        state.setText(Stream.of(
                        asRecorded ? "as recorded (O)" : frame.adjustment().words(),
                        bad.map(s -> s.reason().word() + ", counts as not seen").orElse(""))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining("; ")));
    }

    /** Tells where on the pipe's wall the pointer is, whichever way the picture is turned. */
    private void pointAt(MouseEvent e) {
        Player.Frame frame = desk.player().shownProperty().get();
        double dx = e.getX() - getWidth() / 2;
        double dy = e.getY() - getHeight() / 2;
        boolean inside = Math.abs(dx) < view.getFitWidth() / 2 && Math.abs(dy) < view.getFitHeight() / 2;
        if (frame == null || !inside || Math.hypot(dx, dy) < 12) {
            clock.setText("");
            return;
        }
        Adjustment wanted = desk.work()
                .now()
                .job()
                .adjustmentsOf(frame.clip().id())
                .at(frame.picture().pts());
        double degrees = Math.toDegrees(Math.atan2(dx, -dy));
        double inPipe = frame.adjustment().equals(wanted) ? degrees : wanted.upright(degrees);
        clock.setText(ClockPosition.towards(inPipe).words());
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (view.getImage() == null) {
            return;
        }
        double scale = Math.min(
                getWidth() / view.getImage().getWidth(),
                getHeight() / view.getImage().getHeight());
        double width = view.getImage().getWidth() * scale;
        double height = view.getImage().getHeight() * scale;
        view.setFitWidth(width);
        view.setFitHeight(height);
        view.relocate((getWidth() - width) / 2, (getHeight() - height) / 2);
        box.resizeRelocate(0, 0, getWidth(), getHeight());
        Bounds lies = new BoundingBox((getWidth() - width) / 2, (getHeight() - height) / 2, width, height);
        measure.lie(lies, getWidth(), getHeight());
        drawing.lie(lies, getWidth(), getHeight());
        Player.Frame frame = desk.player().shownProperty().get();
        if (frame != null) {
            // On a picture that is turned the counter lies elsewhere; there it is not shown.
            Optional<CounterPlace> place = book.place(frame.clip().id())
                    .filter(p -> frame.adjustment().isNone() || desk.work().isAsRecorded());
            box.show(place, lies, frame.clip().width(), frame.clip().height());
        }
    }
}
