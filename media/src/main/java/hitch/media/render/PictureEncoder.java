package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_MPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AV_PICTURE_TYPE_I;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_clone;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
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
import java.util.Objects;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * RGB pictures into coded ones by a bundled encoder, in the BT.709 colours that players expect. The film is cut into stretches of two seconds,
 * each of which begins with a picture that needs no other; they are coded by turns by two coders at once and put together in order.
 */
final class PictureEncoder implements AutoCloseable {
    /** A stretch lasts so long, seconds. */
    private static final int STRETCH = 2;
    /** Pictures wait to be coded up to so many bytes. */
    private static final long WAITING = 96L << 20;

    private final int width;
    private final int height;
    private final int stretch;
    private final StretchCoder[] coders;
    private final CodedStream stream;
    private final BytePointer pixels;
    private final SwsContext scaler;
    private final Semaphore room;
    private AVFrame shown;
    private long count;

    PictureEncoder(AVFormatContext container, VideoWriter.Shape shape) throws MediaException {
        width = shape.width();
        height = shape.height();
        stretch = shape.framesPerSecond() * STRETCH;
        AVCodec kind = avcodec_find_encoder_by_name(shape.coding().encoder);
        coders = new StretchCoder[isCodedByTurns(shape) ? 2 : 1];
        AVCodecContext first = opened(kind, shape);
        coders[0] = new StretchCoder(first);
        try {
            for (int i = 1; i < coders.length; i++) {
                coders[i] = new StretchCoder(opened(kind, shape));
            }
            stream = new CodedStream(container, first);
        } catch (MediaException e) {
            // Nobody will close what was never opened.
            Stream.of(coders).filter(Objects::nonNull).forEach(StretchCoder::close);
            throw e;
        }
        room = new Semaphore((int) Math.max(2, WAITING / (width * height * 3L / 2)));
        pixels = new BytePointer(4L * width * height + 64);
        scaler = sws_getContext(
                width, height, AV_PIX_FMT_BGRA, width, height, AV_PIX_FMT_YUV420P, SWS_BICUBIC, null, null, (double[])
                        null);
        IntPointer matrix = sws_getCoefficients(SWS_CS_ITU709);
        sws_setColorspaceDetails(scaler, matrix, 1, matrix, 0, 0, 1 << 16, 1 << 16);
    }

    /** Other encoders than that of films have threads of their own. */
    private static boolean isCodedByTurns(VideoWriter.Shape shape) {
        return shape.coding() == VideoWriter.Coding.H264;
    }

    private static AVCodecContext opened(AVCodec kind, VideoWriter.Shape shape) throws MediaException {
        AVCodecContext codec = avcodec_alloc_context3(kind);
        codec.flags(codec.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        codec.width(shape.width());
        codec.height(shape.height());
        codec.pix_fmt(AV_PIX_FMT_YUV420P);
        codec.time_base(av_make_q(1, shape.framesPerSecond()));
        codec.framerate(av_make_q(shape.framesPerSecond(), 1));
        codec.bit_rate(shape.picturesBitsPerSecond());
        codec.gop_size(shape.framesPerSecond() * STRETCH);
        codec.thread_count(isCodedByTurns(shape) ? 1 : 2);
        codec.colorspace(AVCOL_SPC_BT709);
        codec.color_primaries(AVCOL_PRI_BT709);
        codec.color_trc(AVCOL_TRC_BT709);
        codec.color_range(AVCOL_RANGE_MPEG);
        AVDictionary options = new AVDictionary(null);
        if (shape.coding() == VideoWriter.Coding.H264) {
            av_dict_set(options, "allow_skip_frames", "0", 0);
            av_dict_set(options, "rc_mode", "bitrate", 0);
        }
        int begun = avcodec_open2(codec, kind, options);
        if (begun < 0) {
            avcodec_free_context(codec);
        }
        Libav.check(begun, "the bundled encoder could not be started");
        return codec;
    }

    long count() {
        return count;
    }

    void encode(int[] rgb, PacketSink sink) throws MediaException {
        if (rgb.length != width * height) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height + " was announced");
        }
        pixels.asByteBuffer().order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().put(rgb);
        AVFrame picture = av_frame_alloc();
        picture.format(AV_PIX_FMT_YUV420P);
        picture.width(width);
        picture.height(height);
        int got = av_frame_get_buffer(picture, 0);
        if (got < 0) {
            av_frame_free(picture);
        }
        Libav.check(got, "not enough memory for a picture");
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(width * 4, 0, 0, 0)) {
            planes.put(0, pixels);
            sws_scale(scaler, planes, strides, 0, height, picture.data(), picture.linesize());
        }
        if (shown != null) {
            av_frame_free(shown);
        }
        shown = picture;
        try {
            room.acquire();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new MediaException("Making the video was stopped.", e);
        }
        add(room::release, sink);
    }

    /** The last picture stands for one more beat. */
    void encodeAgain(PacketSink sink) throws MediaException {
        add(() -> {}, sink);
    }

    private void add(Runnable done, PacketSink sink) throws MediaException {
        long number = count / stretch;
        boolean begins = count % stretch == 0;
        if (begins && number >= coders.length) {
            hand(number - coders.length, false, sink);
        }
        AVFrame picture = av_frame_clone(shown);
        picture.pts(count++);
        if (begins && coders.length > 1) {
            picture.pict_type(AV_PICTURE_TYPE_I);
        }
        coderOf(number).add(picture, done);
    }

    private StretchCoder coderOf(long number) {
        return coders[(int) (number % coders.length)];
    }

    private void hand(long number, boolean last, PacketSink sink) throws MediaException {
        MediaException trouble = null;
        for (AVPacket packet : coderOf(number).end(last)) {
            try {
                if (trouble == null) {
                    stream.hand(packet, sink);
                }
            } catch (MediaException e) {
                trouble = e;
            } finally {
                av_packet_free(packet);
            }
        }
        if (trouble != null) {
            throw trouble;
        }
    }

    void drain(PacketSink sink) throws MediaException {
        long stretches = (count + stretch - 1) / stretch;
        for (long number = Math.max(0, stretches - coders.length); number < stretches; number++) {
            hand(number, true, sink);
        }
    }

    @Override
    public void close() {
        for (StretchCoder coder : coders) {
            coder.close();
        }
        if (shown != null) {
            av_frame_free(shown);
        }
        sws_freeContext(scaler);
        pixels.close();
    }
}
