package hitch.desk.play;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Patch;
import hitch.desk.Context;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.draw.Adjuster;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;

/** One frame as a small picture, fetched in the background. */
public final class FramePicture extends StackPane {
    private final Context desk;
    private final ImageView view = new ImageView();
    private FrameRef shown;
    private Optional<Patch> part = Optional.empty();

    /** @param width pixels; the height is three quarters of it */
    public FramePicture(Context desk, double width) {
        this(desk, width, width * 3 / 4);
    }

    public FramePicture(Context desk, double width, double height) {
        this.desk = desk;
        getStyleClass().add("well");
        setMinSize(width, height);
        setMaxSize(width, height);
        view.setFitWidth(width);
        view.setFitHeight(height);
        view.setPreserveRatio(true);
        getChildren().add(view);
    }

    /** Shows a part of the picture alone. */
    public void part(Patch patch) {
        part = Optional.of(patch);
    }

    /**
     * @param of what it is a picture of, in words
     */
    public void show(FrameRef best, String of) {
        setAccessibleText("Picture of " + of);
        Optional<Clip> clip = desk.work().now().survey().clip(best.clip());
        if (best.equals(shown) || clip.isEmpty()) {
            return;
        }
        shown = best;
        view.setImage(null);
        desk.work()
                .inBackground(
                        () -> {
                            try (FrameReader reader =
                                    desk.work().footage().reader(clip.get(), PictureShape.FOR_SCREEN)) {
                                return Adjuster.apply(
                                        reader.at(best.pts()), desk.work().adjustmentAt(best));
                            }
                        },
                        p -> arrived(p, best));
    }

    public void clear() {
        shown = null;
        view.setImage(null);
        setAccessibleText("No picture");
    }

    private void arrived(Picture picture, FrameRef of) {
        // Something else may have been chosen while this one was fetched.
        if (of.equals(shown)) {
            WritableImage image = new WritableImage(picture.width(), picture.height());
            int[] opaque = java.util.Arrays.stream(picture.rgb())
                    .map(p -> p | 0xFF000000)
                    .toArray();
            image.getPixelWriter()
                    .setPixels(
                            0,
                            0,
                            picture.width(),
                            picture.height(),
                            PixelFormat.getIntArgbInstance(),
                            opaque,
                            0,
                            picture.width());
            part.ifPresent(p -> view.setViewport(new Rectangle2D(
                    Patch.pixel(p.left(), picture.width(), false),
                    Patch.pixel(p.top(), picture.height(), false),
                    Patch.pixel(p.right() - p.left(), picture.width(), true),
                    Patch.pixel(p.bottom() - p.top(), picture.height(), true))));
            view.setImage(image);
        }
    }
}
