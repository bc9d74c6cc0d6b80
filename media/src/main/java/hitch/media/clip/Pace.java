package hitch.media.clip;

import hitch.core.footage.FrameIndex;
import hitch.core.footage.TimeBase;

/** Lays frames out at a steady rate, where the file itself says nothing of time. */
final class Pace {
    private Pace() {}

    /** The same frames, {@code rate} of them a second, in the same time base. */
    static ClipIndex at(ClipIndex index, double rate) {
        FrameIndex frames = index.frames();
        TimeBase base = frames.base();
        long[] pts = new long[frames.count()];
        boolean[] keys = new boolean[frames.count()];
        for (int i = 0; i < pts.length; i++) {
            pts[i] = Math.max(base.ticks(i / rate), i == 0 ? 0 : pts[i - 1] + 1);
            keys[i] = frames.isKey(i);
        }
        return new ClipIndex(
                new FrameIndex(base, pts, keys, pts[pts.length - 1] + Math.max(1, base.ticks(1 / rate))),
                index.packets());
    }
}
