package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_MPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BICUBIC;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_ITU709;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCoefficients;
import static org.bytedeco.ffmpeg.global.swscale.sws_getContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;
import static org.bytedeco.ffmpeg.global.swscale.sws_setColorspaceDetails;

import hitch.media.MediaException;
import hitch.media.clip.Libav;
import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** RGB pictures into coded ones by a bundled encoder, in the BT.709 colours that players expect. */
final class PictureEncoder extends Encoder {
    private final int width;
    private final int height;
    private final BytePointer pixels;
    private final SwsContext scaler;
    private long count;
    private long written = -1;

    PictureEncoder(AVFormatContext container, VideoWriter.Shape shape) throws MediaException {
        this(container, shape, avcodec_find_encoder_by_name(shape.coding().encoder));
    }

    private PictureEncoder(AVFormatContext container, VideoWriter.Shape shape, AVCodec kind) throws MediaException {
        super(kind);
        width = shape.width();
        height = shape.height();
        codec.width(width);
        codec.height(height);
        codec.pix_fmt(AV_PIX_FMT_YUV420P);
        codec.time_base(av_make_q(1, shape.framesPerSecond()));
        codec.framerate(av_make_q(shape.framesPerSecond(), 1));
        codec.bit_rate(shape.picturesBitsPerSecond());
        codec.gop_size(shape.framesPerSecond() * 2);
        codec.thread_count(2);
        codec.colorspace(AVCOL_SPC_BT709);
        codec.color_primaries(AVCOL_PRI_BT709);
        codec.color_trc(AVCOL_TRC_BT709);
        codec.color_range(AVCOL_RANGE_MPEG);
        AVDictionary options = new AVDictionary(null);
        if (shape.coding() == VideoWriter.Coding.H264) {
            av_dict_set(options, "allow_skip_frames", "0", 0);
            av_dict_set(options, "rc_mode", "bitrate", 0);
        }
        open(container, kind, options);
        frame.format(AV_PIX_FMT_YUV420P);
        frame.width(width);
        frame.height(height);
        Libav.check(av_frame_get_buffer(frame, 0), "not enough memory for a picture");
        pixels = new BytePointer(4L * width * height + 64);
        scaler = sws_getContext(
                width, height, AV_PIX_FMT_BGRA, width, height, AV_PIX_FMT_YUV420P, SWS_BICUBIC, null, null, (double[])
                        null);
        IntPointer matrix = sws_getCoefficients(SWS_CS_ITU709);
        sws_setColorspaceDetails(scaler, matrix, 1, matrix, 0, 0, 1 << 16, 1 << 16);
    }

    long count() {
        return count;
    }

    void encode(int[] rgb, PacketSink sink) throws MediaException {
        if (rgb.length != width * height) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height + " was announced");
        }
        pixels.asByteBuffer().order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().put(rgb);
        av_frame_make_writable(frame);
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(width * 4, 0, 0, 0)) {
            planes.put(0, pixels);
            sws_scale(scaler, planes, strides, 0, height, frame.data(), frame.linesize());
        }
        count++;
        write(sink);
    }

    /** The last picture stands for one more beat. */
    void encodeAgain(PacketSink sink) throws MediaException {
        count++;
        write(sink);
    }

    private void write(PacketSink sink) throws MediaException {
        written = count - 1;
        frame.pts(written);
        send(frame, sink);
    }

    void drain(PacketSink sink) throws MediaException {
        if (written < count - 1) {
            // Else the stream would end when the standing picture was last written.
            write(sink);
        }
        send(null, sink);
    }

    @Override
    public void close() {
        sws_freeContext(scaler);
        pixels.close();
        super.close();
    }
}
