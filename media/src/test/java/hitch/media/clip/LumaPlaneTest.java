package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGR24;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_NV12;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_RGB24;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P10LE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV422P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUYV422;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import java.util.function.IntBinaryOperator;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The brightness of a frame, in whichever form its pixels come. */
class LumaPlaneTest {
    private static final int WIDTH = 48;
    private static final int HEIGHT = 32;

    private static AVFrame frame(int format) {
        AVFrame frame = av_frame_alloc();
        frame.format(format);
        frame.width(WIDTH);
        frame.height(HEIGHT);
        assertThat(av_frame_get_buffer(frame, 0)).isNotNegative();
        return frame;
    }

    /** Fills the first plane, so many bytes a pixel. */
    private static AVFrame filled(int format, int step, IntBinaryOperator bytes) {
        AVFrame frame = frame(format);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH * step; x++) {
                frame.data(0).put((long) y * frame.linesize(0) + x, (byte) bytes.applyAsInt(x, y));
            }
        }
        return frame;
    }

    private static int at(GreyPicture grey, int x, int y) {
        return grey.at(x, y) & 0xFF;
    }

    @ParameterizedTest
    @ValueSource(ints = {AV_PIX_FMT_YUV420P, AV_PIX_FMT_YUV422P, AV_PIX_FMT_NV12, AV_PIX_FMT_GRAY8})
    void whereBrightnessLiesByItselfItIsTakenAsItIs(int format) {
        assertThat(LumaPlane.isPlain(format)).isTrue();
        try (LumaPlane plane = new LumaPlane()) {
            AVFrame frame = filled(format, 1, (x, y) -> x * 4 + y);
            GreyPicture grey = plane.of(frame);
            assertThat(grey.width()).isEqualTo(WIDTH);
            assertThat(grey.height()).isEqualTo(HEIGHT);
            assertThat(at(grey, 0, 0)).isZero();
            assertThat(at(grey, 47, 31)).isEqualTo(47 * 4 + 31);
            av_frame_free(frame);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {AV_PIX_FMT_RGB24, AV_PIX_FMT_BGR24, AV_PIX_FMT_YUYV422, AV_PIX_FMT_YUV420P10LE})
    void otherFormsAreNoPlanesOfBrightness(int format) {
        assertThat(LumaPlane.isPlain(format)).isFalse();
    }

    @Test
    void colouredPixelsAreAsBrightAsTheyLook() {
        try (LumaPlane plane = new LumaPlane()) {
            // Black on the left, white on the right.
            AVFrame frame = filled(AV_PIX_FMT_RGB24, 3, (x, y) -> x < WIDTH * 3 / 2 ? 0 : 255);
            GreyPicture grey = plane.of(frame);
            assertThat(at(grey, 4, 16)).isLessThan(24);
            assertThat(at(grey, 44, 16)).isGreaterThan(230);
            // The room for it is used again.
            AVFrame green = filled(AV_PIX_FMT_RGB24, 3, (x, y) -> x % 3 == 1 ? 255 : 0);
            AVFrame blue = filled(AV_PIX_FMT_RGB24, 3, (x, y) -> x % 3 == 2 ? 255 : 0);
            assertThat(at(plane.of(green), 20, 16)).isGreaterThan(at(plane.of(blue), 20, 16) + 60);
            av_frame_free(frame);
            av_frame_free(green);
            av_frame_free(blue);
        }
    }

    @Test
    void tenBitsAreAsBrightAsEight() {
        try (LumaPlane plane = new LumaPlane()) {
            // 600 of 1023, two bytes a pixel, the lower first.
            AVFrame frame = filled(AV_PIX_FMT_YUV420P10LE, 2, (x, y) -> x % 2 == 0 ? 600 & 0xFF : 600 >> 8);
            for (int p = 1; p < 3; p++) {
                for (int i = 0; i < frame.linesize(p) * HEIGHT / 2; i++) {
                    frame.data(p).put(i, (byte) (i % 2 == 0 ? 0 : 2));
                }
            }
            assertThat((double) at(plane.of(frame), 20, 16)).isEqualTo(150, within(14.0));
            av_frame_free(frame);
        }
    }

    @Test
    void aPartIsThatPartAndStaysInsideTheFrame() {
        try (LumaPlane plane = new LumaPlane()) {
            AVFrame frame = filled(AV_PIX_FMT_YUV420P, 1, (x, y) -> x * 4 + y);
            GreyPicture part = plane.of(frame, new Region(10, 5, 6, 4));
            assertThat(part.width()).isEqualTo(6);
            assertThat(part.height()).isEqualTo(4);
            assertThat(at(part, 0, 0)).isEqualTo(10 * 4 + 5);
            assertThat(at(part, 5, 3)).isEqualTo(15 * 4 + 8);
            GreyPicture edge = plane.of(frame, new Region(40, 28, 60, 60));
            assertThat(edge.width()).isLessThanOrEqualTo(8);
            assertThat(edge.height()).isLessThanOrEqualTo(4);
            av_frame_free(frame);
        }
    }
}
