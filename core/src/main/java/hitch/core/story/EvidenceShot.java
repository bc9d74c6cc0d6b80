package hitch.core.story;

import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Footage of a finding as it was recorded: without a stop, without a pointer, labelled under the picture.
 *
 * @param title kind and place
 * @param finding which finding
 * @param frame the frame it was marked at
 * @param before seconds of footage up to it, 0 or more
 * @param after seconds of footage after it, 0 or more
 * @param caption line drawn under the picture
 * @param narration what is spoken over it
 * @param tail seconds its last frame stands when that was said and all was shown
 */
@RecordBuilder
public record EvidenceShot(
        String title,
        FindingId finding,
        FrameRef frame,
        double before,
        double after,
        String caption,
        String narration,
        double tail)
        implements FootageShot, EvidenceShotBuilder.With {
    @Override
    public String key() {
        return "finding:" + finding;
    }

    @Override
    public List<String> written() {
        return List.of(caption);
    }

    @Override
    public EvidenceShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public EvidenceShot standing(double seconds) {
        return withTail(seconds);
    }

    @Override
    public EvidenceShot lasting(double upTo, double on) {
        return EvidenceShotBuilder.builder(this).before(upTo).after(on).build();
    }
}
