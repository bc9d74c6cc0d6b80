package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.collections.MapChangeListener;
import javafx.scene.layout.VBox;

/** The photographs of the job and what each shows. Without one it takes no room. */
final class PhotosPane extends VBox {
    private final Context desk;
    private final VBox tiles = new VBox(8);
    private final Map<ClipId, PhotoTile> made = new LinkedHashMap<>();

    PhotosPane(Context desk) {
        super(8);
        this.desk = desk;
        setId("photos-pane");
        getChildren()
                .addAll(
                        Labels.heading("Photographs"),
                        Labels.of("Where in the world one was taken never leaves with it.", "soft"),
                        tiles);
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.work().clips().states().addListener((MapChangeListener<ClipId, Object>) c -> {
            PhotoTile tile = made.get(c.getKey());
            if (tile != null) {
                Typing.orOnceLeft(tile, tile::fill);
            }
        });
        fill();
    }

    private void fill() {
        List<Clip> photos =
                desk.work().now().job().clips().stream().filter(Clip::photo).toList();
        setVisible(!photos.isEmpty());
        setManaged(!photos.isEmpty());
        Map<ClipId, PhotoTile> kept = new LinkedHashMap<>();
        for (Clip photo : photos) {
            PhotoTile tile = made.get(photo.id());
            boolean same = tile != null && tile.photo().equals(photo);
            kept.put(photo.id(), same ? tile : new PhotoTile(desk, photo));
            if (same) {
                Typing.orOnceLeft(tile, tile::fill);
            }
        }
        made.clear();
        made.putAll(kept);
        tiles.getChildren().setAll(made.values());
    }
}
