package hitch.core.story;

import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * The line drawn, a rope running along it.
 *
 * @param key what it goes by, such as {@code map:whole}
 * @param title its heading
 * @param along from where to where the rope runs; empty for a drawing that stands
 * @param backward whether it runs against the stations
 * @param finding the finding it runs to
 * @param narration what is spoken over it
 * @param tail seconds it stands when that was said
 */
@RecordBuilder
public record MapShot(
        String key,
        String title,
        Optional<Extent> along,
        boolean backward,
        Optional<FindingId> finding,
        String narration,
        double tail)
        implements Shot, MapShotBuilder.With {
    @Override
    public List<FrameRef> shown() {
        return List.of();
    }

    @Override
    public List<String> written() {
        return List.of();
    }

    @Override
    public MapShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public MapShot standing(double seconds) {
        return withTail(seconds);
    }
}
