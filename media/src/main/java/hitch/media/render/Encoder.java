package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** What the encoders of pictures and of sound share: one stream of a container. */
abstract class Encoder implements AutoCloseable {
    protected final AVCodecContext codec;
    protected final AVFrame frame = av_frame_alloc();
    private final AVPacket packet = av_packet_alloc();
    private CodedStream stream;

    protected Encoder(AVCodec kind) {
        codec = avcodec_alloc_context3(kind);
        codec.flags(codec.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
    }

    /** Opens the encoder once its subclass has set it up, and gives it a stream. */
    protected void open(AVFormatContext container, AVCodec kind, AVDictionary options) throws MediaException {
        Libav.check(avcodec_open2(codec, kind, options), "the bundled encoder could not be started");
        stream = new CodedStream(container, codec);
    }

    /** Encodes {@code what}, or the encoder's last frames where it is null, and hands the packets on. */
    protected void send(AVFrame what, PacketSink sink) throws MediaException {
        Libav.check(avcodec_send_frame(codec, what), "a frame could not be encoded");
        while (avcodec_receive_packet(codec, packet) >= 0) {
            stream.hand(packet, sink);
        }
    }

    @Override
    public void close() {
        av_packet_free(packet);
        av_frame_free(frame);
        avcodec_free_context(codec);
    }
}
