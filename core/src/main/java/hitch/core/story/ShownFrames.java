package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.FrameIndex;

/**
 * Which frame of its clip a shot shows at each moment of the film: footage up to the held frame, that frame for as long as it is held, and the
 * footage after it; or footage that plays on. The film and the manifest that vouches for it both ask here.
 *
 * @param placed the shot with its times
 * @param shot the same shot
 * @param frames the frames of its clip
 * @param rate pictures a second of the film
 * @param before seconds of footage there are before its frame
 * @param after seconds of footage there are after it
 * @param least number of the first frame that may be seen
 * @param most number of the last
 */
public record ShownFrames(
        Cutting.Placed placed,
        FootageShot shot,
        FrameIndex frames,
        int rate,
        double before,
        double after,
        int least,
        int most) {

    /**
     * What a recipient is shown. Seconds say about where footage may begin; the frame that stands at that moment may be one
     * from before it, so the frames themselves are asked too.
     */
    public static ShownFrames of(Cutting.Placed placed, FootageShot shot, FrameIndex frames, int rate, Disclosure may) {
        double[] around = may.footage().around(shot.frame(), shot.before(), shot.after());
        ShownFrames wished = new ShownFrames(placed, shot, frames, rate, around[0], around[1], 0, frames.count() - 1);
        return new ShownFrames(
                placed,
                shot,
                frames,
                rate,
                around[0],
                around[1],
                may.footage().back(shot.frame(), frames, wished.first()),
                may.footage().on(shot.frame(), frames, wished.last()));
    }

    /** Whether the frame is held at a moment of the film. */
    public boolean isHeld(double seconds) {
        return shot instanceof FindingShot && seconds >= placed.holdStart() && seconds < placed.holdEnd();
    }

    /** The number of the frame that is shown at a moment of the film. */
    public int at(double seconds) {
        return Math.clamp(frames.numberAt(shot.frame().pts() + frames.base().ticks(offset(seconds))), least, most);
    }

    /** Seconds of footage from the shot's frame. */
    private double offset(double seconds) {
        if (shot instanceof FindingShot) {
            return isHeld(seconds)
                    ? 0
                    : seconds < placed.holdStart() ? seconds - placed.holdStart() : seconds - placed.holdEnd();
        }
        return Math.min(after, (seconds - placed.start()) * shot.speed() - before);
    }

    /** The number of the first frame shown. */
    public int first() {
        return at((double) Math.round(placed.start() * rate) / rate);
    }

    /** The number of the last frame shown; the first where the shot is no picture long. */
    public int last() {
        long end = Math.round(placed.end() * rate);
        return at((double) Math.max(Math.round(placed.start() * rate), end - 1) / rate);
    }
}
