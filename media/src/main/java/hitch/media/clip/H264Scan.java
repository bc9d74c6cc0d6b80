package hitch.media.clip;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;

/**
 * Finds H.264 units in raw data where each stands behind its length and sound lies between them. A place is taken for a
 * unit when its length is sensible and its head reads as a slice that can follow the one before: the head names its
 * first block, kind, settings and running number (ITU-T H.264, 7.3.3), which chance hardly ever gets right.
 */
final class H264Scan {
    private static final int SLICE = 1;
    private static final int KEY_SLICE = 5;
    private static final int NOTES = 6;
    private static final int DELIMITER = 9;
    /** Bytes of the longest unit. */
    static final int LONGEST = 1 << 22;

    private static final byte[] START = {0, 0, 0, 1};

    private final H264Settings settings;
    private final int numberBits;
    private int lastNumber = -1;
    private boolean inChain;
    private int slices;

    H264Scan(H264Settings settings) {
        this.settings = settings;
        this.numberBits = settings.frameNumberBits();
    }

    /**
     * Copies what is found in a window as a stream with start codes.
     *
     * @param last whether nothing comes behind it
     * @return how many bytes were done with
     */
    int copy(ByteBuffer data, boolean last, OutputStream sink) throws IOException {
        int at = 0;
        int lengthBytes = settings.lengthBytes();
        int until = last ? data.limit() : Math.max(0, data.limit() - LONGEST - lengthBytes);
        while (at < until && at + lengthBytes + 4 < data.limit()) {
            int length = length(data, at, lengthBytes);
            int head = data.get(at + lengthBytes) & 0xFF;
            boolean fits = length >= 2 && length <= LONGEST && at + lengthBytes + length <= data.limit();
            if (!fits || !isUnit(data, at + lengthBytes, length, head, inChain)) {
                inChain = false;
                at++;
                continue;
            }
            byte[] unit = new byte[length];
            data.get(at + lengthBytes, unit);
            sink.write(START);
            sink.write(unit);
            slices += isSlice(head & 0x1F) ? 1 : 0;
            at += lengthBytes + length;
            inChain = true;
        }
        return at;
    }

    /** How many slices were found so far. */
    int slices() {
        return slices;
    }

    private static int length(ByteBuffer data, int at, int bytes) {
        int value = 0;
        for (int i = 0; i < bytes; i++) {
            value = value << 8 | data.get(at + i) & 0xFF;
        }
        return value;
    }

    private static boolean isSlice(int type) {
        return type == SLICE || type == KEY_SLICE;
    }

    private boolean isUnit(ByteBuffer data, int at, int length, int head, boolean inChain) {
        if ((head & 0x80) != 0) {
            return false;
        }
        int type = head & 0x1F;
        int importance = head >> 5 & 3;
        return switch (type) {
            case SLICE, KEY_SLICE -> isNextSlice(data, at, length, type, importance);
            case NOTES -> importance == 0 && length < 5000 && notesEndWell(data, at, length);
            case DELIMITER -> importance == 0 && length == 2;
            case H264Settings.SEQUENCE, H264Settings.PICTURE -> inChain && importance > 0 && length < 400;
            default -> false;
        };
    }

    /** Notes end with the stop bit alone in their last byte. */
    private static boolean notesEndWell(ByteBuffer data, int at, int length) {
        return length > 3 && data.get(at + length - 1) == (byte) 0x80;
    }

    private boolean isNextSlice(ByteBuffer data, int at, int length, int type, int importance) {
        byte[] head = new byte[Math.min(length, 24)];
        data.get(at, head);
        BitReader bits = new BitReader(head, 1);
        int firstBlock = bits.exponential();
        int kind = bits.exponential();
        int picture = bits.exponential();
        int number = bits.bits(numberBits);
        boolean sane = firstBlock < 1 << 16 && kind <= 9 && picture == 0 && length > 6;
        if (!sane || type == KEY_SLICE && (importance == 0 || number != 0)) {
            return false;
        }
        int most = 1 << numberBits;
        boolean follows = lastNumber < 0
                ? type == KEY_SLICE
                : type == KEY_SLICE || number == lastNumber || number == (lastNumber + 1) % most;
        if (follows) {
            lastNumber = number;
        }
        return follows;
    }
}
