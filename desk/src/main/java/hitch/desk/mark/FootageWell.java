package hitch.desk.mark;

import hitch.desk.Player;
import hitch.media.clip.Picture;
import java.nio.IntBuffer;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;

/** The footage in its dark well, as large as fits, never stretched. */
final class FootageWell extends StackPane {
    private final ImageView view = new ImageView();

    FootageWell(Player player) {
        getStyleClass().add("well");
        setMinSize(320, 200);
        Label trouble = new Label();
        trouble.getStyleClass().add("well-text");
        trouble.setWrapText(true);
        trouble.setMaxWidth(420);
        trouble.textProperty().bind(player.troubleProperty());
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.setManaged(false);
        getChildren().addAll(view, trouble);
        player.shownProperty().addListener((o, was, is) -> show(is));
        show(player.shownProperty().get());
        setAccessibleText("Footage");
    }

    private void show(Player.Frame frame) {
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
    }
}
