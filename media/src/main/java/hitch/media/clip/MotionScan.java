package hitch.media.clip;

import hitch.core.counter.motion.WallMotion;
import hitch.core.counter.sight.Region;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.List;

/** Follows the pipe's wall through a clip, for one that has no counter. */
public final class MotionScan {
    /** Pictures a second; at 2 feet a second a 4-inch pipe's wall still overlaps itself from one to the next. */
    private static final double PER_SECOND = 10;

    private static final Region WHOLE = new Region(0, 0, 1 << 16, 1 << 16);

    private MotionScan() {}

    /** The camera's motion from picture to picture, in order of time. */
    public static List<WallMotion.Step> read(Path file, ClipIndex index, Progress progress) throws MediaException {
        WallMotion motion = new WallMotion();
        GreyFrames.read(
                file,
                index,
                WHOLE,
                PER_SECOND,
                (number, seconds, picture) -> motion.take(seconds, picture),
                (s, d) -> progress.at(s, "following the pipe's wall in " + file.getFileName()));
        return motion.steps();
    }
}
