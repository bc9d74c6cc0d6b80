package hitch.media.clip;

import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;

import java.util.Arrays;

/** Presentation times for frames whose order is known, mended where the file gives none or lets them run backward. */
final class FrameTimes {
    /** A step longer than this many ordinary ones, and backward steps, are a clock that was reset. */
    private static final int LONGEST_STEP = 250;

    private FrameTimes() {}

    /**
     * @param order packets in the order shown
     * @param nominal ticks from a frame to the next by the file's own rate, 1 or more
     * @param clockMayJump whether the container's clock may be reset, so that only presentation times count
     * @return strictly rising times, ticks
     */
    static long[] of(PacketList packets, int[] order, long nominal, boolean clockMayJump) {
        long[] told = new long[order.length];
        int known = 0;
        for (int i = 0; i < order.length; i++) {
            told[i] = packets.pts[order[i]];
            known += told[i] == AV_NOPTS_VALUE ? 0 : 1;
        }
        if (known < order.length) {
            told = clockMayJump && known > 0 ? filled(told, nominal) : fromDecodingTimes(packets, order, nominal);
        }
        return rising(told, nominal);
    }

    /** A frame without a time stands one step after the one before it. */
    private static long[] filled(long[] told, long nominal) {
        long[] times = told.clone();
        int first = 0;
        while (times[first] == AV_NOPTS_VALUE) {
            first++;
        }
        for (int i = first - 1; i >= 0; i--) {
            times[i] = times[i + 1] - nominal;
        }
        for (int i = first + 1; i < times.length; i++) {
            if (times[i] == AV_NOPTS_VALUE) {
                times[i] = times[i - 1] + nominal;
            }
        }
        return times;
    }

    /** Frames are shown in a steady order, so the k-th shown takes the k-th decoding time. */
    private static long[] fromDecodingTimes(PacketList packets, int[] order, long nominal) {
        long[] times = new long[order.length];
        for (int i = 0; i < order.length; i++) {
            times[i] = packets.dts[order[i]];
            if (times[i] == AV_NOPTS_VALUE) {
                Arrays.setAll(times, n -> n * nominal);
                return times;
            }
        }
        Arrays.sort(times);
        return times;
    }

    private static long[] rising(long[] told, long nominal) {
        long[] times = told.clone();
        long shift = 0;
        for (int i = 1; i < times.length; i++) {
            long step = told[i] - told[i - 1];
            boolean reset = step <= 0 && -step > nominal || step > LONGEST_STEP * nominal && anyBackward(told, i);
            if (reset) {
                shift += nominal - step;
            }
            times[i] = Math.max(told[i] + shift, times[i - 1] + 1);
        }
        return times;
    }

    /** A long step forward is a pause of the recorder, unless it makes good an earlier step backward. */
    private static boolean anyBackward(long[] told, int before) {
        for (int i = 1; i < before; i++) {
            if (told[i] < told[i - 1]) {
                return true;
            }
        }
        return false;
    }
}
