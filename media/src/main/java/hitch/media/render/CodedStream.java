package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVRational;

/** One stream of a container, into which packets of an encoder go. */
final class CodedStream {
    private final AVStream stream;
    private final AVRational beat;

    /** @param codec the encoder, opened */
    CodedStream(AVFormatContext container, AVCodecContext codec) throws MediaException {
        beat = codec.time_base();
        stream = avformat_new_stream(container, null);
        stream.time_base(beat);
        Libav.check(avcodec_parameters_from_context(stream.codecpar(), codec), "the stream could not be set up");
    }

    /** @param packet in the encoder's time */
    void hand(AVPacket packet, PacketSink sink) throws MediaException {
        packet.stream_index(stream.index());
        if (packet.duration() == 0) {
            // Without its length the last picture would fall outside the track and not be shown.
            packet.duration(1);
        }
        av_packet_rescale_ts(packet, beat, stream.time_base());
        sink.take(packet);
    }
}
