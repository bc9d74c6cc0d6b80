package hitch.media.clip;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;

/** Gives the brightness of a clip's frames, some a second, in one pass through the file. */
public final class GreyFrames {
    /** Takes the brightness of a part of a frame. */
    public interface Sink {
        /**
         * Called beside the decoding, by one thread, in order of time.
         *
         * @param number the frame, counted from 0
         * @param seconds its time into the clip
         */
        void take(int number, double seconds, GreyPicture picture) throws MediaException;
    }

    private GreyFrames() {}

    /**
     * @param region the part of each frame that is wanted
     * @param perSecond frames wanted a second at least; all where the clip has fewer
     */
    public static void read(Path file, ClipIndex index, Region region, double perSecond, Sink sink, Progress progress)
            throws MediaException {
        try (Demuxer demuxer = new Demuxer(file);
                LumaPlane plane = new LumaPlane()) {
            new SampledFrames(file, index, demuxer)
                    .read(
                            perSecond,
                            seconds -> true,
                            (frame, number) -> plane.of(frame, region),
                            sink::take,
                            "reading the counter of",
                            progress);
        }
    }
}
