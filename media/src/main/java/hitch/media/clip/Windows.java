package hitch.media.clip;

import hitch.media.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;

/** A stretch of a file of any length, scanned window by window: what a window leaves unread the next one begins with. */
final class Windows {
    /** Bytes of a window; more cannot be looked at in one piece by every machine. */
    static final int USUAL = 1 << 29;

    /** Scans one window. */
    @FunctionalInterface
    interface Scan {
        /**
         * @param last whether nothing comes behind this window
         * @return how many of its bytes were done with; the rest is seen again
         */
        int scan(ByteBuffer window, boolean last) throws IOException;
    }

    private final FileChannel file;
    private final long from;
    private final long to;
    private final int size;

    /**
     * @param from where the stretch begins in the file, bytes
     * @param to where it ends, exclusive
     * @param size bytes of a window, at least twice the longest unit
     */
    Windows(FileChannel file, long from, long to, int size) {
        this.file = file;
        this.from = from;
        this.to = to;
        this.size = size;
    }

    /** The first window. */
    ByteBuffer first() throws IOException {
        return window(from);
    }

    private ByteBuffer window(long at) throws IOException {
        return file.map(FileChannel.MapMode.READ_ONLY, at, Math.min(size, to - at));
    }

    void each(Scan scan, Progress progress) throws IOException {
        long at = from;
        while (at < to) {
            ByteBuffer window = window(at);
            boolean last = at + window.limit() >= to;
            int done = scan.scan(window, last);
            if (last) {
                break;
            }
            // A unit longer than a window is none.
            at += Math.max(1, done);
            progress.at((double) (at - from) / (to - from), "scanning for pictures");
        }
        progress.at(1, "scanning for pictures");
    }
}
