package hitch.media.film;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.swscale.SWS_LANCZOS;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Pictures brought to another size by Lanczos' filter. */
final class Enlarged implements AutoCloseable {
    private SwsContext scaler;
    private BytePointer in = new BytePointer(64);
    private BytePointer out = new BytePointer(64);

    /** A picture of one size as one of another. */
    int[] of(int[] rgb, int width, int height, int toWidth, int toHeight) {
        if (width == toWidth && height == toHeight) {
            return rgb;
        }
        in = room(in, 4L * width * height);
        out = room(out, 4L * toWidth * toHeight);
        in.position(0)
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .put(rgb, 0, width * height);
        scaler = sws_getCachedContext(
                scaler,
                width,
                height,
                AV_PIX_FMT_BGRA,
                toWidth,
                toHeight,
                AV_PIX_FMT_BGRA,
                SWS_LANCZOS,
                null,
                null,
                (double[]) null);
        try (PointerPointer<BytePointer> from = new PointerPointer<>(4);
                PointerPointer<BytePointer> to = new PointerPointer<>(4);
                IntPointer fromStride = new IntPointer(width * 4, 0, 0, 0);
                IntPointer toStride = new IntPointer(toWidth * 4, 0, 0, 0)) {
            from.put(0, in);
            to.put(0, out);
            sws_scale(scaler, from, fromStride, 0, height, to, toStride);
        }
        int[] larger = new int[toWidth * toHeight];
        out.position(0)
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .get(larger);
        return larger;
    }

    /** The scaler's vector code may touch a few bytes past the last row. */
    private static BytePointer room(BytePointer had, long bytes) {
        if (had.capacity() >= bytes + 64) {
            return had;
        }
        had.close();
        return new BytePointer(bytes + 64);
    }

    @Override
    public void close() {
        sws_freeContext(scaler);
        in.close();
        out.close();
    }
}
