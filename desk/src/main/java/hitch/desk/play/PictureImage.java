package hitch.desk.play;

import hitch.media.clip.Picture;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** A decoded picture as the toolkit shows one. */
public final class PictureImage {
    private PictureImage() {}

    public static Image of(Picture picture) {
        int[] opaque = new int[picture.rgb().length];
        for (int i = 0; i < opaque.length; i++) {
            opaque[i] = picture.rgb()[i] | 0xFF000000;
        }
        WritableImage image = new WritableImage(picture.width(), picture.height());
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
        return image;
    }
}
