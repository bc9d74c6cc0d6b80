package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.FrameIndex;

/**
 * Which frame of its clip a shot shows in each picture of the film: footage up to the held frame, that frame for as long
 * as it is held, and the footage after it. The film and the manifest that vouches for it both ask here.
 *
 * @param placed the shot with its times
 * @param shot the same shot
 * @param frames the frames of its clip
 * @param rate pictures a second of the film
 * @param least number of the first frame that may be seen
 * @param most number of the last
 */
public record ShownFrames(Cutting.Placed placed, FindingShot shot, FrameIndex frames, int rate, int least, int most) {

    /**
     * What a recipient is shown. Seconds say about where footage may begin; the frame that stands at that moment may be one
     * from before it, so the frames themselves are asked too.
     */
    public static ShownFrames of(Cutting.Placed placed, FindingShot shot, FrameIndex frames, int rate, Disclosure may) {
        ShownFrames wished = new ShownFrames(placed, shot, frames, rate, 0, frames.count() - 1);
        return new ShownFrames(
                placed,
                shot,
                frames,
                rate,
                may.back(shot.frame(), frames, wished.first()),
                may.on(shot.frame(), frames, wished.last()));
    }

    /** The film's picture that is the shot's first, counted from 0. */
    public long firstPicture() {
        return Math.round(placed.start() * rate);
    }

    /** The film's picture after the shot's last. */
    public long endPicture() {
        return Math.round(placed.end() * rate);
    }

    /** Whether the frame is held in a picture of the film. */
    public boolean isHeld(long picture) {
        double time = (double) picture / rate;
        return time >= placed.holdStart() && time < placed.holdEnd();
    }

    /** The number of the frame that is shown in a picture of the film. */
    public int at(long picture) {
        double time = (double) picture / rate;
        double offset =
                isHeld(picture) ? 0 : time - (time < placed.holdStart() ? placed.holdStart() : placed.holdEnd());
        return Math.clamp(frames.numberAt(shot.frame().pts() + frames.base().ticks(offset)), least, most);
    }

    /** The number of the first frame shown. */
    public int first() {
        return at(firstPicture());
    }

    /** The number of the last frame shown; the first where the shot is no picture long. */
    public int last() {
        return at(Math.max(firstPicture(), endPicture() - 1));
    }
}
