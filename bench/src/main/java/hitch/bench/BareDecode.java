package hitch.bench;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.media.MediaException;
import hitch.media.clip.Demuxer;
import hitch.media.clip.PictureDecoder;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The least that any work on a whole clip can cost: its pictures decoded and dropped. */
final class BareDecode {
    private BareDecode() {}

    /** Seconds it takes to decode {@code file} once. */
    static double seconds(Path file) throws MediaException {
        AVFrame frame = av_frame_alloc();
        try (Demuxer demuxer = new Demuxer(file);
                PictureDecoder decoder = new PictureDecoder(demuxer, 0)) {
            demuxer.onlyPicture();
            long start = System.nanoTime();
            for (AVPacket p = demuxer.nextPicture(); p != null; p = demuxer.nextPicture()) {
                decoder.send(p, 0);
                while (decoder.receive(frame)) {
                    frame.pts();
                }
            }
            decoder.end();
            while (decoder.receive(frame)) {
                frame.pts();
            }
            return (System.nanoTime() - start) / 1e9;
        } finally {
            av_frame_free(frame);
        }
    }
}
