package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;

import hitch.media.MediaException;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Decodes one clip's pictures. Each packet goes in under its number in decoding order, and each frame comes out under the
 * number of its packet, whatever the file's own time stamps say.
 */
public final class PictureDecoder implements AutoCloseable {
    private final AVCodecContext context;
    private boolean closed;

    public PictureDecoder(Demuxer demuxer, int threads) throws MediaException {
        AVCodec codec = avcodec_find_decoder(demuxer.video().codecpar().codec_id());
        if (codec == null) {
            throw new MediaException(demuxer.file().getFileName() + " is coded in a way Hitch cannot read. "
                    + "Save it from the recorder as MP4, or leave it out.");
        }
        context = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(context, demuxer.video().codecpar());
        context.thread_count(threads);
        Libav.check(
                avcodec_open2(context, codec, (AVDictionary) null),
                demuxer.file().getFileName() + " cannot be decoded. Copy it again from the recorder.");
    }

    AVCodecContext context() {
        return context;
    }

    /**
     * Hands {@code packet} in as number {@code ordinal}; its own time is overwritten.
     *
     * @return false where the packet could not be understood
     */
    public boolean send(AVPacket packet, long ordinal) {
        packet.pts(ordinal);
        return avcodec_send_packet(context, packet) >= 0;
    }

    /** Says that no packet follows; what is still inside comes out. */
    public void end() {
        avcodec_send_packet(context, null);
    }

    /** Takes the next frame into {@code frame}, whose {@code pts} is then its packet's number; false where none is ready. */
    public boolean receive(AVFrame frame) {
        return avcodec_receive_frame(context, frame) >= 0;
    }

    /** Forgets everything, so that decoding can start elsewhere. */
    public void restart() {
        avcodec_flush_buffers(context);
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            avcodec_free_context(context);
        }
    }
}
