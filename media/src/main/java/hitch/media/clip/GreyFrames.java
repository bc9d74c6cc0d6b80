package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

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
        FrameIndex frames = index.frames();
        int every = Math.max(1, (int) Math.floor(frames.rate() / perSecond));
        AVFrame frame = av_frame_alloc();
        try (Demuxer demuxer = new Demuxer(file);
                PictureDecoder decoder = new PictureDecoder(demuxer, 0);
                LumaPlane plane = new LumaPlane();
                Beside beside = new Beside()) {
            demuxer.onlyPicture();
            boolean more = true;
            for (int ordinal = 0; more; ordinal++) {
                AVPacket packet = ordinal < index.packets().packets() ? demuxer.nextPicture() : null;
                more = packet != null;
                if (more) {
                    decoder.send(packet, ordinal);
                } else {
                    decoder.end();
                }
                while (decoder.receive(frame)) {
                    int number = index.packets().numberOf(frame.pts());
                    if (number >= 0 && number % every == 0) {
                        double seconds = frames.base().seconds(frames.pts(number) - frames.firstPts());
                        GreyPicture part = plane.of(frame, region);
                        beside.add(() -> sink.take(number, seconds, part));
                    }
                }
                if (ordinal % 64 == 0) {
                    progress.at(
                            (double) ordinal / index.packets().packets(),
                            "reading the counter of " + file.getFileName());
                }
            }
            beside.finish();
        } finally {
            av_frame_free(frame);
        }
    }
}
