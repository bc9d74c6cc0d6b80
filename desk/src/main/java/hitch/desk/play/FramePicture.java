package hitch.desk.play;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Patch;
import hitch.desk.Context;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.draw.Adjuster;
import hitch.media.render.SeenPicture;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;

/** One frame as a small picture, fetched in the background. */
public final class FramePicture extends StackPane {
    private final Context desk;
    private final ImageView view = new ImageView();
    private FrameRef shown;
    private Optional<Patch> part = Optional.empty();
    private Optional<Disclosure> may = Optional.empty();

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

    /** Shows it as somebody may see it, with what is hidden covered. */
    public void seenBy(Disclosure who) {
        may = Optional.of(who);
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
        Optional<Disclosure> who = may;
        view.setImage(null);
        desk.work()
                .inBackground(
                        () -> {
                            try (FrameReader reader =
                                    desk.work().footage().reader(clip.get(), PictureShape.FOR_SCREEN)) {
                                Picture stored = reader.at(best.pts());
                                return who.isPresent()
                                        ? SeenPicture.of(who.get(), best.clip(), stored)
                                        : Adjuster.apply(stored, desk.work().adjustmentAt(best));
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
            part.ifPresent(p -> view.setViewport(new Rectangle2D(
                    Patch.pixel(p.left(), picture.width(), false),
                    Patch.pixel(p.top(), picture.height(), false),
                    Patch.pixel(p.right() - p.left(), picture.width(), true),
                    Patch.pixel(p.bottom() - p.top(), picture.height(), true))));
            view.setImage(PictureImage.of(picture));
        }
    }
}
