package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_move_ref;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Gives exactly the frame asked for. It decodes from the keyframe at or before it and counts by presentation time, not
 * by where a seek happened to land. One thread at a time.
 */
public final class FrameReader implements AutoCloseable {
    private static final long NOWHERE = Long.MIN_VALUE;

    private final Demuxer demuxer;
    private final FrameIndex index;
    private final AVCodecContext decoder;
    // A failed decode empties its frame, so the one on show is kept apart from the one being decoded.
    private final AVFrame frame = av_frame_alloc();
    private final AVFrame next = av_frame_alloc();
    private final RgbConverter converter = new RgbConverter();
    private long position = NOWHERE;
    private boolean drained;
    private boolean closed;

    public FrameReader(Path file, FrameIndex index) throws MediaException {
        this.demuxer = new Demuxer(file);
        this.index = index;
        AVCodec codec = avcodec_find_decoder(demuxer.video().codecpar().codec_id());
        if (codec == null) {
            demuxer.close();
            throw new MediaException(file.getFileName() + " is coded in a way Hitch cannot read. "
                    + "Save it from the recorder as MP4, or leave it out.");
        }
        decoder = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(decoder, demuxer.video().codecpar());
        decoder.thread_count(2);
        Libav.check(
                avcodec_open2(decoder, codec, (AVDictionary) null),
                file.getFileName() + " cannot be decoded. Copy it again from the recorder.");
    }

    /** The frame with number {@code number}, counted in presentation order from 0; kept within the clip. */
    public Picture frame(int number) throws MediaException {
        decodeTo(number);
        return converter.convert(frame, position);
    }

    /** The frame on show at {@code pts}. */
    public Picture at(long pts) throws MediaException {
        return frame(index.numberAt(pts));
    }

    private void decodeTo(int number) throws MediaException {
        long wanted = index.pts(number);
        if (position == wanted) {
            return;
        }
        int key = index.keyBefore(index.numberAt(wanted));
        boolean onward = position != NOWHERE && wanted > position && index.numberAt(position) >= key;
        if (!onward) {
            restart(index.pts(key));
        }
        while (position < wanted) {
            boolean more = decodeNext();
            if (more && position > wanted && key > 0 && !onward) {
                // The container's own index led past the keyframe: start from the one before.
                key = index.keyBefore(key - 1);
                restart(index.pts(key));
            } else if (!more) {
                if (position == NOWHERE) {
                    throw new MediaException(demuxer.file().getFileName() + " could not be decoded at "
                            + String.format("%.1f s", index.base().seconds(wanted - index.firstPts())) + ".");
                }
                return;
            }
        }
    }

    private void restart(long pts) throws MediaException {
        demuxer.seek(demuxer.videoIndex(), pts);
        avcodec_flush_buffers(decoder);
        position = NOWHERE;
        drained = false;
    }

    /** Decodes one more frame into {@code frame}; false at the end of the clip. */
    private boolean decodeNext() {
        while (avcodec_receive_frame(decoder, next) < 0) {
            if (drained) {
                return false;
            }
            AVPacket packet = demuxer.next();
            while (packet != null && packet.stream_index() != demuxer.videoIndex()) {
                packet = demuxer.next();
            }
            drained = packet == null;
            // A packet that cannot be decoded is passed over; the frame before it stays on show.
            avcodec_send_packet(decoder, packet);
        }
        av_frame_unref(frame);
        av_frame_move_ref(frame, next);
        position = frame.best_effort_timestamp();
        return true;
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            converter.close();
            av_frame_free(frame);
            av_frame_free(next);
            avcodec_free_context(decoder);
            demuxer.close();
        }
    }
}
