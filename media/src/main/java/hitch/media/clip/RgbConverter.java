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

/** Turns decoded frames into RGB pictures, by the colour matrix the frame names, upright and in the asked shape. */
public final class RgbConverter implements AutoCloseable {
    private final ClipFacts.PictureStream stream;
    private final PictureShape shape;
    private SwsContext scaler;
    private BytePointer pixels = new BytePointer((org.bytedeco.javacpp.Pointer) null);
    private long capacity;

    public RgbConverter(ClipFacts.PictureStream stream, PictureShape shape) {
        this.stream = stream;
        this.shape = shape;
    }

    public Picture convert(AVFrame frame, long pts) {
        boolean asNamed = frame.width() == stream.width() && frame.height() == stream.height();
        int wide = shape.square() && asNamed ? stream.squareWidth() : frame.width();
        double less = Math.min(1, (double) shape.longestSide() / Math.max(wide, frame.height()));
        int width = Math.max(1, (int) Math.round(wide * less));
        int height = Math.max(1, (int) Math.round(frame.height() * less));
        // The scaler's vector code may touch a few bytes past the last row.
        long bytes = 4L * width * height + 64;
        if (bytes > capacity) {
            pixels.close();
            pixels = new BytePointer(bytes);
            capacity = bytes;
        }
        scaler = sws_getCachedContext(
                scaler,
                frame.width(),
                frame.height(),
                frame.format(),
                width,
                height,
                AV_PIX_FMT_BGRA,
                SWS_BICUBIC,
                null,
                null,
                (double[]) null);
        IntPointer matrix = sws_getCoefficients(frame.colorspace() == AVCOL_SPC_BT709 ? SWS_CS_ITU709 : SWS_CS_ITU601);
        int full = frame.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        sws_setColorspaceDetails(scaler, matrix, full, matrix, 1, 0, 1 << 16, 1 << 16);
        try (PointerPointer<BytePointer> planes = new PointerPointer<>(4);
                IntPointer strides = new IntPointer(width * 4, 0, 0, 0)) {
            planes.put(0, pixels);
            sws_scale(scaler, frame.data(), frame.linesize(), 0, frame.height(), planes, strides);
        }
        int[] rgb = new int[width * height];
        pixels.position(0)
                .capacity(bytes)
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asIntBuffer()
                .get(rgb);
        Picture stored = new Picture(width, height, rgb, pts);
        return turned(stream.mirrored() ? mirrored(stored) : stored, stream.turn());
    }

    private static Picture mirrored(Picture picture) {
        int width = picture.width();
        int[] from = picture.rgb();
        int[] to = new int[from.length];
        for (int i = 0; i < from.length; i++) {
            to[i] = from[i - i % width + width - 1 - i % width];
        }
        return new Picture(width, picture.height(), to, picture.pts());
    }

    /** {@code picture} turned clockwise by a multiple of 90 degrees. */
    static Picture turned(Picture picture, int degrees) {
        if (degrees == 0) {
            return picture;
        }
        int width = picture.width();
        int height = picture.height();
        int[] from = picture.rgb();
        int[] to = new int[from.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int place = switch (degrees) {
                    case 90 -> x * height + height - 1 - y;
                    case 180 -> (height - 1 - y) * width + width - 1 - x;
                    default -> (width - 1 - x) * height + y;
                };
                to[place] = from[y * width + x];
            }
        }
        return degrees == 180
                ? new Picture(width, height, to, picture.pts())
                : new Picture(height, width, to, picture.pts());
    }

    @Override
    public void close() {
        sws_freeContext(scaler);
        pixels.close();
    }
}
