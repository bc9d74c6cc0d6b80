package hitch.media.clip;

import java.util.Arrays;

/**
 * The picture stream's packets in the order they are decoded, numbered from 0, and the frame each becomes. Frames are
 * known by these numbers, not by the time stamps of the file, which recorders leave out, repeat and reset. Immutable.
 */
public final class PacketTable {
    /** The frame number of a packet that is never shown. */
    static final int NOT_SHOWN = -1;

    /**
     * A packet that decoding can start from.
     *
     * @param ordinal its number in decoding order
     * @param pos where it lies in the file, bytes; negative where the container does not tell
     * @param size its length, bytes
     * @param pts its presentation time as written in the file
     * @param dts its decoding time as written in the file
     */
    record Start(int ordinal, long pos, int size, long pts, long dts) {}

    private final int[] ordinals;
    private final int[] numbers;
    private final Start[] starts;

    /**
     * @param packets how many packets there are
     * @param ordinals for each frame in presentation order, the packet it comes from
     * @param starts where decoding can start, in decoding order
     */
    PacketTable(int packets, int[] ordinals, Start[] starts) {
        this.ordinals = ordinals;
        this.starts = starts;
        numbers = new int[packets];
        Arrays.fill(numbers, NOT_SHOWN);
        for (int number = 0; number < ordinals.length; number++) {
            numbers[ordinals[number]] = number;
        }
    }

    /** How many packets there are, shown or not. */
    public int packets() {
        return numbers.length;
    }

    int frames() {
        return ordinals.length;
    }

    int ordinalOf(int number) {
        return ordinals[number];
    }

    /** The frame that packet {@code ordinal} becomes, or {@link #NOT_SHOWN}. */
    int numberOf(long ordinal) {
        return ordinal < 0 || ordinal >= numbers.length ? NOT_SHOWN : numbers[(int) ordinal];
    }

    int starts() {
        return starts.length;
    }

    Start start(int which) {
        return starts[which];
    }

    /**
     * Which start to decode frame {@code number} from: the last one that comes neither after it in the file nor after it
     * on the screen, since pictures shown before a start may lean on what lies before that start.
     */
    int startFor(int number) {
        int low = 0;
        int high = starts.length - 1;
        int wanted = ordinals[number];
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (starts[middle].ordinal() <= wanted) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        while (low > 0 && numberOf(starts[low].ordinal()) > number) {
            low--;
        }
        return low;
    }

    /** The number of the start that lies at {@code pos} with {@code size} bytes; negative where none does. */
    int ordinalAt(long pos, int size) {
        for (int i = lowerBound(pos); i < starts.length && starts[i].pos() == pos; i++) {
            if (starts[i].size() == size) {
                return starts[i].ordinal();
            }
        }
        return -1;
    }

    /** Whether the file tells where its packets lie, so that a seek can be checked. */
    boolean tellsPlaces() {
        for (int i = 0; i < starts.length; i++) {
            if (starts[i].pos() < 0 || i > 0 && starts[i].pos() < starts[i - 1].pos()) {
                return false;
            }
        }
        return true;
    }

    private int lowerBound(long pos) {
        int low = 0;
        int high = starts.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (starts[middle].pos() < pos) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
