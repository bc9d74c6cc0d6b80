package hitch.core.story;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.job.View;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A finding in its footage: some seconds up to its frame, the frame held while it is spoken of, some seconds on.
 *
 * @param title kind and place
 * @param finding which finding
 * @param frame the frame that is held
 * @param before seconds of footage up to it, 0 or more
 * @param after seconds of footage after it, 0 or more
 * @param caption line drawn under the picture
 * @param knots its weight
 * @param pointer where in the pipe the pointer goes; empty for none
 * @param closer whether the held picture is seen again closer
 * @param view what of the held picture is gone into, where a person chose that
 * @param narration what is spoken over it
 * @param tail seconds the frame is held when that was said
 */
@RecordBuilder
public record FindingShot(
        String title,
        FindingId finding,
        FrameRef frame,
        double before,
        double after,
        String caption,
        int knots,
        Optional<ClockPosition> pointer,
        boolean closer,
        Optional<View> view,
        String narration,
        double tail)
        implements FootageShot, FindingShotBuilder.With {
    @Override
    public String key() {
        return "finding:" + finding;
    }

    @Override
    public List<String> written() {
        return List.of(caption);
    }

    @Override
    public FindingShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public FindingShot standing(double seconds) {
        return withTail(seconds);
    }

    @Override
    public FindingShot lasting(double upTo, double on) {
        return FindingShotBuilder.builder(this).before(upTo).after(on).build();
    }
}
