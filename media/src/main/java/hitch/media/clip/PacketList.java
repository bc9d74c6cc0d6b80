package hitch.media.clip;

import java.util.Arrays;

/** The picture packets of a file as they are met, growing. */
final class PacketList {
    long[] pts = new long[4096];
    long[] dts = new long[4096];
    long[] pos = new long[4096];
    int[] size = new int[4096];
    byte[] flags = new byte[4096];
    int count;

    static final byte KEY = 1;
    static final byte DISCARD = 2;
    static final byte CORRUPT = 4;

    void add(long itsPts, long itsDts, long itsPos, int itsSize, int itsFlags) {
        if (count == pts.length) {
            int more = count * 2;
            pts = Arrays.copyOf(pts, more);
            dts = Arrays.copyOf(dts, more);
            pos = Arrays.copyOf(pos, more);
            size = Arrays.copyOf(size, more);
            flags = Arrays.copyOf(flags, more);
        }
        pts[count] = itsPts;
        dts[count] = itsDts;
        pos[count] = itsPos;
        size[count] = itsSize;
        flags[count++] = (byte) itsFlags;
    }

    boolean is(int ordinal, byte flag) {
        return (flags[ordinal] & flag) != 0;
    }

    /** Where decoding can start: the keyframes, and the first packet in any case. */
    PacketTable.Start[] starts() {
        PacketTable.Start[] made = new PacketTable.Start[count];
        int n = 0;
        for (int i = 0; i < count; i++) {
            if (i == 0 || is(i, KEY)) {
                made[n++] = new PacketTable.Start(i, pos[i], size[i], pts[i], dts[i]);
            }
        }
        return Arrays.copyOf(made, n);
    }
}
