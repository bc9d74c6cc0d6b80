package hitch.core.story;

import hitch.core.footage.FrameRef;
import hitch.core.job.View;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A still or a photograph, gone into slowly.
 *
 * @param key what it goes by, such as {@code photo:B7}
 * @param title what it shows
 * @param frame the frame; a photograph's only one
 * @param caption line under the picture
 * @param view what of it is gone into; empty for the middle
 * @param narration what is spoken over it
 * @param tail seconds it stands when that was said
 */
@RecordBuilder
public record StillShot(
        String key, String title, FrameRef frame, String caption, Optional<View> view, String narration, double tail)
        implements Shot, StillShotBuilder.With {
    @Override
    public List<FrameRef> shown() {
        return List.of(frame);
    }

    @Override
    public List<String> written() {
        return List.of(caption);
    }

    @Override
    public StillShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public StillShot standing(double seconds) {
        return withTail(seconds);
    }
}
