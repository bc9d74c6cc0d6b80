package hitch.core.story;

import hitch.core.footage.FrameRef;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A stretch of pipe gone along faster than it was recorded, the station running.
 *
 * @param key what it goes by, such as {@code passage:LINE:3048}
 * @param title from where to where
 * @param frame the frame it begins at
 * @param after seconds of footage it goes through, 0 or more
 * @param speed how many times faster, 1 to 8
 * @param narration what is spoken over it; may be empty
 * @param tail seconds its last frame stands when that was said
 */
@RecordBuilder
public record PassageShot(
        String key, String title, FrameRef frame, double after, double speed, String narration, double tail)
        implements FootageShot, PassageShotBuilder.With {
    @Override
    public double before() {
        return 0;
    }

    @Override
    public List<String> written() {
        return List.of();
    }

    @Override
    public PassageShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public PassageShot standing(double seconds) {
        return withTail(seconds);
    }

    @Override
    public PassageShot lasting(double upTo, double on) {
        return withAfter(on);
    }
}
