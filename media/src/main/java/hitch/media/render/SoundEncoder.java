package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_AAC;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.FloatPointer;

/** One channel of sound into AAC. */
final class SoundEncoder extends Encoder {
    static final int RATE = 48_000;

    private final int block;
    private final float[] waiting;
    private int waits;
    private long count;

    SoundEncoder(AVFormatContext container, int bitsPerSecond) throws MediaException {
        this(container, bitsPerSecond, avcodec_find_encoder(AV_CODEC_ID_AAC));
    }

    private SoundEncoder(AVFormatContext container, int bitsPerSecond, AVCodec kind) throws MediaException {
        super(kind);
        codec.sample_rate(RATE);
        codec.sample_fmt(AV_SAMPLE_FMT_FLTP);
        codec.bit_rate(bitsPerSecond);
        codec.time_base(av_make_q(1, RATE));
        av_channel_layout_default(codec.ch_layout(), 1);
        open(container, kind, new AVDictionary(null));
        block = codec.frame_size();
        waiting = new float[block];
        frame.format(AV_SAMPLE_FMT_FLTP);
        frame.nb_samples(block);
        frame.sample_rate(RATE);
        av_channel_layout_default(frame.ch_layout(), 1);
        Libav.check(av_frame_get_buffer(frame, 0), "not enough memory for sound");
    }

    void encode(float[] samples, PacketSink sink) throws MediaException {
        int at = 0;
        while (at < samples.length) {
            int take = Math.min(block - waits, samples.length - at);
            System.arraycopy(samples, at, waiting, waits, take);
            waits += take;
            at += take;
            if (waits == block) {
                sendWaiting(sink);
            }
        }
    }

    void drain(PacketSink sink) throws MediaException {
        if (waits > 0) {
            sendWaiting(sink);
        }
        send(null, sink);
    }

    private void sendWaiting(PacketSink sink) throws MediaException {
        av_frame_make_writable(frame);
        frame.nb_samples(waits);
        new FloatPointer(frame.data(0)).put(waiting, 0, waits);
        frame.pts(count);
        count += waits;
        waits = 0;
        send(frame, sink);
    }
}
