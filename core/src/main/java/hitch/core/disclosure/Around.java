package hitch.core.disclosure;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import java.util.function.Predicate;

/** How far around a frame footage may be shown: on both sides to the first frame that may not be seen. */
final class Around {
    /** Steps in which footage is asked for, seconds: finer than any frame lasts. */
    private static final double STEP_S = 0.04;

    private final Predicate<FrameRef> shows;

    Around(Predicate<FrameRef> shows) {
        this.shows = shows;
    }

    /**
     * The number of the frame that stands at a moment; where that one may not be seen, since the moment lies between two
     * frames, the next that may.
     */
    int at(FrameRef frame, FrameIndex frames) {
        int number = frames.numberAt(frame.pts());
        int next = number;
        while (next < frames.count() && !shows.test(new FrameRef(frame.clip(), frames.pts(next)))) {
            next++;
        }
        return next < frames.count() ? next : number;
    }

    /** The first frame from {@code frame}'s back to {@code least} up to which all may be seen. */
    int back(FrameRef frame, FrameIndex frames, int least) {
        int number = at(frame, frames);
        while (number > least && shows.test(new FrameRef(frame.clip(), frames.pts(number - 1)))) {
            number--;
        }
        return number;
    }

    /** The last frame from {@code frame}'s on to {@code most} up to which all may be seen. */
    int on(FrameRef frame, FrameIndex frames, int most) {
        int number = at(frame, frames);
        while (number < most && shows.test(new FrameRef(frame.clip(), frames.pts(number + 1)))) {
            number++;
        }
        return number;
    }

    /** Seconds of footage that may be shown, at most {@code most}; before the frame where {@code sign} is negative. */
    double seconds(FrameRef frame, Clip clip, int sign, double most) {
        int steps = 0;
        while (STEP_S * (steps + 1) <= most) {
            long pts = frame.pts() + clip.base().ticks(sign * STEP_S * (steps + 1));
            if (!shows.test(new FrameRef(frame.clip(), pts))) {
                break;
            }
            steps++;
        }
        return STEP_S * (steps + 1) > most ? most : STEP_S * steps;
    }
}
