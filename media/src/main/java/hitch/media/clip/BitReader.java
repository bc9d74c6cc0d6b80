package hitch.media.clip;

/** Reads bits and Exp-Golomb numbers (ITU-T H.264, 9.1), first bit first; past the end all bits are 0. */
final class BitReader {
    private final byte[] data;
    private int at;

    /**
     * @param from byte to begin at
     */
    BitReader(byte[] data, int from) {
        this.data = data;
        this.at = from * 8;
    }

    int bits(int count) {
        int value = 0;
        for (int i = 0; i < count; i++, at++) {
            int bit = at / 8 < data.length ? data[at / 8] >> 7 - at % 8 & 1 : 0;
            value = value << 1 | bit;
        }
        return value;
    }

    /** An unsigned Exp-Golomb number. */
    int exponential() {
        int zeros = 0;
        while (zeros < 24 && bits(1) == 0) {
            zeros++;
        }
        return (1 << zeros) - 1 + bits(zeros);
    }
}
