package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.function.DoublePredicate;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Goes through a file once and hands on some of its frames, each made into what is wanted of it. */
final class SampledFrames {
    /** Makes what is wanted of a decoded frame, which is only lent. */
    interface Taking<T> {
        T of(AVFrame frame, int number);
    }

    /** Takes what was made, beside the decoding, by one thread, in order of time. */
    interface Sink<T> {
        void take(int number, double seconds, T made) throws MediaException;
    }

    private final Path file;
    private final ClipIndex index;
    private final Demuxer demuxer;

    /** @param demuxer of the file; it stays open */
    SampledFrames(Path file, ClipIndex index, Demuxer demuxer) {
        this.file = file;
        this.index = index;
        this.demuxer = demuxer;
    }

    /**
     * @param perSecond frames wanted a second at least; all where the clip has fewer
     * @param wanted whether a frame at a second of the clip is wanted at all; asked in order of time
     * @param doing what is being done, for the progress
     */
    <T> void read(
            double perSecond, DoublePredicate wanted, Taking<T> taking, Sink<T> sink, String doing, Progress progress)
            throws MediaException {
        FrameIndex frames = index.frames();
        int every = Math.max(1, (int) Math.floor(frames.rate() / perSecond));
        demuxer.onlyPicture();
        AVFrame frame = av_frame_alloc();
        try (PictureDecoder decoder = new PictureDecoder(demuxer, 0);
                Beside beside = new Beside()) {
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
                        if (wanted.test(seconds)) {
                            T made = taking.of(frame, number);
                            beside.add(() -> sink.take(number, seconds, made));
                        }
                    }
                }
                if (ordinal % 64 == 0) {
                    progress.at((double) ordinal / index.packets().packets(), doing + " " + file.getFileName());
                }
            }
            beside.finish();
        } finally {
            av_frame_free(frame);
        }
    }
}
