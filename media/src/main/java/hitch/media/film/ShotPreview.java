package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.media.MediaException;
import java.awt.Color;
import java.util.Map;
import java.util.Optional;

/** Draws shots at any of their moments, as the film will show them, without making it. Used by one thread at a time. */
public final class ShotPreview implements AutoCloseable {
    private final Scenes scenes;
    private final Sheet sheet;
    private final FilmShape shape;
    private Cutting.Placed placed;
    private Scene scene;
    private Object shown;

    public ShotPreview(
            Disclosure may,
            Map<ClipId, StoryRenderer.Source> sources,
            Optional<FilmMap> map,
            Color cards,
            FilmShape shape) {
        this.scenes = new Scenes(may, sources, map, cards, shape);
        this.sheet = new Sheet(shape);
        this.shape = shape;
    }

    public FilmShape shape() {
        return shape;
    }

    /**
     * The picture of a shot at a moment, {@code 0xRRGGBB} a pixel, row by row; it is drawn over by the next call.
     *
     * @param of the shot as it is laid out
     * @param seconds from the beginning of what it is laid out in
     * @return empty where it looks as it did when it was asked for last
     */
    public Optional<int[]> at(Cutting.Placed of, double seconds) throws MediaException {
        if (!of.equals(placed)) {
            scene = scenes.of(of);
            placed = of;
            shown = null;
        }
        Object look = scene.look(seconds);
        if (look.equals(shown)) {
            return Optional.empty();
        }
        scene.draw(seconds, sheet);
        shown = look;
        return Optional.of(sheet.pixels());
    }

    @Override
    public void close() {
        scenes.close();
        sheet.close();
    }
}
