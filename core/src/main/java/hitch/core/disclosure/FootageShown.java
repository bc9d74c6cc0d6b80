package hitch.core.disclosure;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.Survey;
import hitch.core.survey.Visits;
import java.util.List;
import java.util.Optional;

/** How much footage there is, and may be seen by a recipient, around a frame or at a place. */
public final class FootageShown {
    private final Survey survey;
    private final Optional<PublicPart> part;

    FootageShown(Survey survey, Optional<PublicPart> part) {
        this.survey = survey;
        this.part = part;
    }

    private boolean shows(FrameRef frame) {
        return part.map(p -> p.shows(frame)).orElse(true);
    }

    /** The number of the frame that is shown for a moment. */
    public int at(FrameRef frame, FrameIndex frames) {
        return new Around(this::shows).at(frame, frames);
    }

    /** The first frame from {@code frame}'s back to {@code least} up to which all may be seen. */
    public int back(FrameRef frame, FrameIndex frames, int least) {
        return new Around(this::shows).back(frame, frames, least);
    }

    /** The last frame from {@code frame}'s on to {@code most} up to which all may be seen. */
    public int on(FrameRef frame, FrameIndex frames, int most) {
        return new Around(this::shows).on(frame, frames, most);
    }

    /** Seconds of footage before a frame that are shown: those wished, less where not all of them may be seen. */
    public double secondsBefore(FrameRef frame, double wished) {
        return mayBeShown(frame, -1, wished);
    }

    /** Seconds of footage after it, likewise. */
    public double secondsAfter(FrameRef frame, double wished) {
        return mayBeShown(frame, 1, wished);
    }

    /** Every moment at which the camera stood at a place of a pipe, as far as it may be seen. */
    public List<FrameRef> momentsAt(String branch, Station at) {
        return Visits.at(survey.line().tied(), branch, at).stream()
                .map(Visits.Visit::frame)
                .filter(this::shows)
                .toList();
    }

    /** Whether a clip shows the pipe from within, with the camera's way known. */
    public boolean isInPipe(ClipId clip) {
        return survey.traces().containsKey(clip);
    }

    /** Seconds of footage around a frame that there are and that may be seen: before it and after it, at most those wished. */
    public double[] around(FrameRef frame, double before, double after) {
        Optional<Clip> clip = survey.clip(frame.clip());
        double into = clip.map(c -> c.secondsInto(frame.pts())).orElse(before);
        double left = clip.map(c -> c.seconds() - c.secondsInto(frame.pts())).orElse(after);
        return new double[] {
            Math.clamp(secondsBefore(frame, before), 0, Math.max(0, into)),
            Math.clamp(secondsAfter(frame, after), 0, Math.max(0, left))
        };
    }

    private double mayBeShown(FrameRef frame, int sign, double most) {
        return part.flatMap(p -> survey.clip(frame.clip()))
                .map(c -> new Around(this::shows).seconds(frame, c, sign, most))
                .orElse(most);
    }
}
