package hitch.desk.line;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.desk.Context;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.draw.Adjuster;
import java.util.Optional;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;

/** The frame that shows a finding or a place best, fetched in the background. */
final class BestPictureView extends StackPane {
    private static final double WIDTH = 200;
    private static final double HEIGHT = 150;

    private final Context desk;
    private final ImageView view = new ImageView();
    private FrameRef shown;

    BestPictureView(Context desk) {
        this.desk = desk;
        getStyleClass().add("well");
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        view.setPreserveRatio(true);
        getChildren().add(view);
    }

    /**
     * @param of what it is a picture of, in words
     */
    void show(FrameRef best, String of) {
        setAccessibleText("Best picture of " + of);
        Optional<Clip> clip = desk.work().now().survey().clip(best.clip());
        if (best.equals(shown) || clip.isEmpty()) {
            return;
        }
        shown = best;
        view.setImage(null);
        desk.work()
                .inBackground(
                        () -> {
                            try (FrameReader reader = desk.work().footage().reader(clip.get(), PictureShape.AS_SHOWN)) {
                                return Adjuster.apply(
                                        reader.at(best.pts()), desk.work().adjustmentAt(best));
                            }
                        },
                        p -> arrived(p, best));
    }

    void clear() {
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
            view.setImage(image);
        }
    }
}
