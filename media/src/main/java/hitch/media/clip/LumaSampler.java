package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_PLANAR;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_RGB;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.av_pix_fmt_desc_get;
import static org.bytedeco.ffmpeg.global.swscale.SWS_POINT;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Takes brightness samples spread over a decoded frame, as few as measuring it needs. */
final class LumaSampler implements AutoCloseable {
    private static final int ACROSS = 128;
    private static final int DOWN = 96;
    /** How far to the right the neighbour lies that detail is told by, pixels. */
    private static final int BESIDE = 2;

    private byte[] grey = new byte[0];
    private byte[] beside = new byte[0];
    private SwsContext scaler;
    private BytePointer plane;

    void sample(AVFrame frame) {
        int width = frame.width();
        int height = frame.height();
        BytePointer luma = frame.data(0);
        int stride = frame.linesize(0);
        if (!lumaIsPlain(frame.format())) {
            luma = convert(frame);
            stride = width;
        }
        int across = Math.min(ACROSS, width);
        int down = Math.min(DOWN, Math.max(1, height / 2));
        grey = new byte[across * down];
        beside = new byte[across * down];
        int place = 0;
        for (int y = 0; y < down; y++) {
            // Even lines only, so that the two fields of an interlaced picture are not taken for motion.
            long row = (long) (y * (height / 2) / down) * 2 * stride;
            for (int x = 0; x < across; x++) {
                int column = x * width / across;
                grey[place] = luma.get(row + column);
                beside[place++] = luma.get(row + Math.min(width - 1, column + BESIDE));
            }
        }
    }

    byte[] grey() {
        return grey;
    }

    byte[] beside() {
        return beside;
    }

    private static boolean lumaIsPlain(int format) {
        AVPixFmtDescriptor about = av_pix_fmt_desc_get(format);
        return about != null
                && (about.flags() & AV_PIX_FMT_FLAG_RGB) == 0
                && about.comp(0).depth() == 8
                && about.comp(0).step() == 1
                && ((about.flags() & AV_PIX_FMT_FLAG_PLANAR) != 0 || format == AV_PIX_FMT_GRAY8);
    }

    private BytePointer convert(AVFrame frame) {
        long bytes = (long) frame.width() * frame.height() + 64;
        if (plane == null || plane.capacity() < bytes) {
            close();
            plane = new BytePointer(bytes);
        }
        scaler = sws_getCachedContext(
                scaler,
                frame.width(),
                frame.height(),
                frame.format(),
                frame.width(),
                frame.height(),
                AV_PIX_FMT_GRAY8,
                SWS_POINT,
                null,
                null,
                (double[]) null);
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(frame.width(), 0, 0, 0)) {
            planes.put(0, plane);
            sws_scale(scaler, frame.data(), frame.linesize(), 0, frame.height(), planes, strides);
        }
        return plane;
    }

    @Override
    public void close() {
        if (plane != null) {
            plane.close();
            plane = null;
        }
        sws_freeContext(scaler);
        scaler = null;
    }
}
