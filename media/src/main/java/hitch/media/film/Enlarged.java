package hitch.media.film;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.swscale.SWS_LANCZOS;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Pictures brought to another size by Lanczos' filter, each colour by itself: the scaler has quick ways for one plane and slow ones for three. */
final class Enlarged implements AutoCloseable {
    private static final int COLOURS = 3;
    private static final int BITS = 8;
    private static final int OPAQUE = 0xff000000;

    private SwsContext scaler;
    private BytePointer in = new BytePointer(64);
    private BytePointer out = new BytePointer(64);
    private byte[] plane = new byte[0];
    private byte[] larger = new byte[0];

    /** A picture of one size as one of another. */
    int[] of(int[] rgb, int width, int height, int toWidth, int toHeight) {
        if (width == toWidth && height == toHeight) {
            return rgb;
        }
        int size = width * height;
        int toSize = toWidth * toHeight;
        in = room(in, size);
        out = room(out, toSize);
        plane = plane.length < size ? new byte[size] : plane;
        larger = larger.length < toSize ? new byte[toSize] : larger;
        scaler = sws_getCachedContext(
                scaler,
                width,
                height,
                AV_PIX_FMT_GRAY8,
                toWidth,
                toHeight,
                AV_PIX_FMT_GRAY8,
                SWS_LANCZOS,
                null,
                null,
                (double[]) null);
        int[] made = new int[toSize];
        for (int colour = 0; colour < COLOURS; colour++) {
            int shift = colour * BITS;
            for (int i = 0; i < size; i++) {
                plane[i] = (byte) (rgb[i] >>> shift);
            }
            in.position(0).put(plane, 0, size);
            scale(width, height, toWidth);
            out.position(0).get(larger, 0, toSize);
            for (int i = 0; i < toSize; i++) {
                made[i] |= (larger[i] & 0xff) << shift;
            }
        }
        for (int i = 0; i < toSize; i++) {
            made[i] |= OPAQUE;
        }
        return made;
    }

    private void scale(int width, int height, int toWidth) {
        try (PointerPointer<BytePointer> from = new PointerPointer<>(4);
                PointerPointer<BytePointer> to = new PointerPointer<>(4);
                IntPointer fromStride = new IntPointer(width, 0, 0, 0);
                IntPointer toStride = new IntPointer(toWidth, 0, 0, 0)) {
            from.put(0, in);
            to.put(0, out);
            sws_scale(scaler, from, fromStride, 0, height, to, toStride);
        }
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
