package hitch.desk.widget;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;

/** A still at a fixed size; a dark well until it is there. Loaded in the background. */
public final class StillView extends StackPane {
    private final ImageView view = new ImageView();
    private final double width;
    private Path shown;

    public StillView(double width, double height) {
        this.width = width;
        getStyleClass().add("well");
        setMinSize(width, height);
        setMaxSize(width, height);
        view.setFitWidth(width);
        view.setFitHeight(height);
        view.setPreserveRatio(true);
        getChildren().add(view);
    }

    public void show(Path still) {
        if (still.equals(shown) && view.getImage() != null) {
            return;
        }
        shown = still;
        // A bare existence check; the bytes are read in the background by the image itself.
        view.setImage(Files.exists(still) ? new Image(still.toUri().toString(), width * 2, 0, true, true, true) : null);
    }
}
