package hitch.core.story;

import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.Survey;
import java.util.Optional;

/**
 * Which footage a recipient may see. A district sees its own part of the line and nothing from above ground; others see
 * all of it.
 *
 * @param survey the job
 * @param recipient who is to see it; empty for the firm itself
 */
public record MayBeSeen(Survey survey, Optional<Audience> recipient) {
    /** Whether a frame may be seen. */
    public boolean is(FrameRef frame) {
        if (recipient.isEmpty() || recipient.get() != Audience.DISTRICT) {
            return true;
        }
        Optional<Station> boundary = Selection.boundary(survey);
        return boundary.isPresent()
                && survey.stationAt(frame)
                        .map(s -> s.compareTo(boundary.get()) >= 0)
                        .orElse(false);
    }

    /** The first frame from {@code number} back to {@code least} up to which all may be seen. */
    public int back(FrameRef frame, FrameIndex frames, int least) {
        int number = frames.numberAt(frame.pts());
        while (number > least && is(new FrameRef(frame.clip(), frames.pts(number - 1)))) {
            number--;
        }
        return number;
    }

    /** The last frame from {@code number} on to {@code most} up to which all may be seen. */
    public int on(FrameRef frame, FrameIndex frames, int most) {
        int number = frames.numberAt(frame.pts());
        while (number < most && is(new FrameRef(frame.clip(), frames.pts(number + 1)))) {
            number++;
        }
        return number;
    }
}
