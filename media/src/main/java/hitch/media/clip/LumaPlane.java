package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_PLANAR;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_RGB;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.av_pix_fmt_desc_get;
import static org.bytedeco.ffmpeg.global.swscale.SWS_POINT;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** The brightness of decoded frames, one byte a pixel, whatever they are coded in. */
final class LumaPlane implements AutoCloseable {
    private SwsContext scaler;
    private BytePointer converted;

    GreyPicture of(AVFrame frame) {
        return of(frame, new Region(0, 0, frame.width(), frame.height()));
    }

    /** The part of the frame inside {@code region}, which is kept within it. */
    GreyPicture of(AVFrame frame, Region region) {
        Region inside = region.within(frame.width(), frame.height());
        BytePointer luma = frame.data(0);
        int stride = frame.linesize(0);
        if (!isPlain(frame.format())) {
            luma = convert(frame);
            stride = frame.width();
        }
        byte[] grey = new byte[inside.width() * inside.height()];
        for (int y = 0; y < inside.height(); y++) {
            luma.position((long) (inside.y() + y) * stride + inside.x()).get(grey, y * inside.width(), inside.width());
        }
        luma.position(0);
        return new GreyPicture(inside.width(), inside.height(), grey);
    }

    /** Whether the first plane of {@code format} is brightness, a byte a pixel. */
    static boolean isPlain(int format) {
        AVPixFmtDescriptor about = av_pix_fmt_desc_get(format);
        return about != null
                && (about.flags() & AV_PIX_FMT_FLAG_RGB) == 0
                && about.comp(0).depth() == 8
                && about.comp(0).step() == 1
                && ((about.flags() & AV_PIX_FMT_FLAG_PLANAR) != 0 || format == AV_PIX_FMT_GRAY8);
    }

    /** The frame's brightness by conversion, rows as long as the frame is wide; valid until the next call. */
    BytePointer convert(AVFrame frame) {
        long bytes = (long) frame.width() * frame.height() + 64;
        if (converted == null || converted.capacity() < bytes) {
            close();
            converted = new BytePointer(bytes);
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
            planes.put(0, converted);
            sws_scale(scaler, frame.data(), frame.linesize(), 0, frame.height(), planes, strides);
        }
        return converted;
    }

    @Override
    public void close() {
        if (converted != null) {
            converted.close();
            converted = null;
        }
        sws_freeContext(scaler);
        scaler = null;
    }
}
