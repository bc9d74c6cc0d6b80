package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_JPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BICUBIC;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_ITU601;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_ITU709;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCoefficients;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;
import static org.bytedeco.ffmpeg.global.swscale.sws_setColorspaceDetails;

import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Turns decoded frames into RGB pictures, by the colour matrix the frame names. */
final class RgbConverter implements AutoCloseable {
    private SwsContext scaler;
    private BytePointer pixels = new BytePointer((org.bytedeco.javacpp.Pointer) null);
    private long capacity;

    Picture convert(AVFrame frame, long pts) {
        int width = frame.width();
        int height = frame.height();
        // The scaler's vector code may touch a few bytes past the last row.
        long bytes = 4L * width * height + 64;
        if (bytes > capacity) {
            pixels.close();
            pixels = new BytePointer(bytes);
            capacity = bytes;
        }
        scaler = sws_getCachedContext(
                scaler, width, height, frame.format(), width, height, AV_PIX_FMT_BGRA, SWS_BICUBIC, null, null, (double
                                [])
                        null);
        IntPointer matrix = sws_getCoefficients(frame.colorspace() == AVCOL_SPC_BT709 ? SWS_CS_ITU709 : SWS_CS_ITU601);
        int full = frame.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        sws_setColorspaceDetails(scaler, matrix, full, matrix, 1, 0, 1 << 16, 1 << 16);
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(width * 4, 0, 0, 0)) {
            planes.put(0, pixels);
            sws_scale(scaler, frame.data(), frame.linesize(), 0, height, planes, strides);
        }
        int[] rgb = new int[width * height];
        pixels.position(0)
                .capacity(bytes)
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .get(rgb);
        return new Picture(width, height, rgb, pts);
    }

    @Override
    public void close() {
        sws_freeContext(scaler);
        pixels.close();
    }
}
