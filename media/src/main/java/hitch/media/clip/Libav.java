package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_strerror;

import hitch.media.MediaException;

/** The one place where the native library is set up and its error codes become sentences. */
public final class Libav {
    static {
        // The library writes to standard error by itself; its codes are enough for our messages.
        av_log_set_level(AV_LOG_QUIET);
    }

    private Libav() {}

    /** Loads the native library; calling it again does nothing. */
    public static void start() {}

    /** Passes {@code code} on, or throws where it is an error. */
    public static int check(int code, String what) throws MediaException {
        if (code < 0) {
            throw new MediaException(what + " (" + words(code) + ")");
        }
        return code;
    }

    static String words(int code) {
        byte[] text = new byte[256];
        av_strerror(code, text, text.length);
        int end = 0;
        while (end < text.length && text[end] != 0) {
            end++;
        }
        return new String(text, 0, end, java.nio.charset.StandardCharsets.UTF_8);
    }
}
