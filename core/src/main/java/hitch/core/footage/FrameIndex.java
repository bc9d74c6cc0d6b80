package hitch.core.footage;

import java.util.Arrays;

/**
 * Every frame of a clip in presentation order, with the keyframes that decoding can start from. Frame numbers count
 * from 0. Immutable.
 */
public final class FrameIndex {
    private final TimeBase base;
    private final long[] pts;
    private final boolean[] key;
    private final long end;

    /**
     * @param base the stream's time base
     * @param pts presentation times, strictly rising, at least one
     * @param key whether decoding can start at the frame; as long as {@code pts}
     * @param end presentation time at which the last frame ends, after the last of {@code pts}
     */
    public FrameIndex(TimeBase base, long[] pts, boolean[] key, long end) {
        if (pts.length == 0 || pts.length != key.length || end <= pts[pts.length - 1]) {
            throw new IllegalArgumentException(
                    "a frame index needs frames, a key mark for each, and an end after them");
        }
        for (int i = 1; i < pts.length; i++) {
            if (pts[i] <= pts[i - 1]) {
                throw new IllegalArgumentException("frame " + i + " does not come after the one before it");
            }
        }
        this.base = base;
        this.pts = pts.clone();
        this.key = key.clone();
        this.end = end;
    }

    public TimeBase base() {
        return base;
    }

    public int count() {
        return pts.length;
    }

    public long firstPts() {
        return pts[0];
    }

    public long endPts() {
        return end;
    }

    /** Presentation time of frame {@code number}; numbers outside the clip mean its first or last frame. */
    public long pts(int number) {
        return pts[Math.clamp(number, 0, pts.length - 1)];
    }

    /** The frame on show at {@code at}: the last one that has begun, or frame 0 before the first. */
    public int numberAt(long at) {
        int found = Arrays.binarySearch(pts, at);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** The latest keyframe at or before frame {@code number}; frame 0 where there is none. */
    public int keyBefore(int number) {
        for (int i = Math.clamp(number, 0, pts.length - 1); i > 0; i--) {
            if (key[i]) {
                return i;
            }
        }
        return 0;
    }

    public boolean isKey(int number) {
        return key[Math.clamp(number, 0, pts.length - 1)];
    }

    /**
     * Whether frames stand for different times, more than the clock's rounding explains: a variable frame rate, or a
     * recorder that was paused.
     */
    public boolean isUneven() {
        long least = Long.MAX_VALUE;
        long most = 0;
        for (int i = 1; i < pts.length; i++) {
            least = Math.min(least, pts[i] - pts[i - 1]);
            most = Math.max(most, pts[i] - pts[i - 1]);
        }
        return pts.length > 2 && most - least > 2 && most > least * 1.5;
    }

    /** Frames per second on average over the clip. */
    public double rate() {
        return pts.length / base.seconds(end - pts[0]);
    }
}
