package hitch.media.clip;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;

/** Finds JPEG pictures in raw data by their marks (ITU-T T.81): FF D8 FF begins one, FF D9 ends it. */
final class JpegScan {
    /** Bytes of a mark, which may lie across two windows. */
    private static final int MARK = 3;

    private int count;

    /** Whether a picture begins within the first kilobytes. */
    static boolean looksLike(ByteBuffer data) {
        for (int i = 0; i + 2 < Math.min(data.limit(), 4096); i++) {
            if (begins(data, i)) {
                return true;
            }
        }
        return false;
    }

    private static boolean begins(ByteBuffer data, int i) {
        return i + 3 < data.limit()
                && data.get(i) == (byte) 0xFF
                && data.get(i + 1) == (byte) 0xD8
                && data.get(i + 2) == (byte) 0xFF
                && (data.get(i + 3) & 0xF0) >= 0xC0;
    }

    /**
     * Copies the whole pictures of a window; one that is torn is left.
     *
     * @return how many bytes were done with: up to a picture that goes on behind the window
     */
    int copy(ByteBuffer data, OutputStream sink) throws IOException {
        int start = -1;
        for (int i = 0; i + 1 < data.limit(); i++) {
            if (start < 0) {
                start = begins(data, i) ? i : -1;
            } else if (data.get(i) == (byte) 0xFF && data.get(i + 1) == (byte) 0xD9) {
                byte[] picture = new byte[i + 2 - start];
                data.get(start, picture);
                sink.write(picture);
                count++;
                start = -1;
            }
        }
        return start >= 0 ? start : Math.max(0, data.limit() - MARK);
    }

    /** How many pictures were found so far. */
    int count() {
        return count;
    }
}
