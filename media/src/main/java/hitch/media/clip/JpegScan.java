package hitch.media.clip;

import hitch.media.Progress;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;

/** Finds JPEG pictures in raw data by their marks (ITU-T T.81): FF D8 FF begins one, FF D9 ends it. */
final class JpegScan {
    private JpegScan() {}

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
        return data.get(i) == (byte) 0xFF
                && data.get(i + 1) == (byte) 0xD8
                && data.get(i + 2) == (byte) 0xFF
                && i + 3 < data.limit()
                && (data.get(i + 3) & 0xF0) >= 0xC0;
    }

    /** Copies whole pictures; the last one, if torn, is left. Tells how many. */
    static int copy(ByteBuffer data, OutputStream sink, Progress progress) throws IOException {
        int count = 0;
        int start = -1;
        for (int i = 0; i + 2 < data.limit(); i++) {
            if (start < 0) {
                start = begins(data, i) ? i : -1;
            } else if (data.get(i) == (byte) 0xFF && data.get(i + 1) == (byte) 0xD9) {
                byte[] picture = new byte[i + 2 - start];
                data.get(start, picture);
                sink.write(picture);
                count++;
                start = -1;
                progress.at((double) i / data.limit(), "scanning for pictures");
            }
        }
        return count;
    }
}
