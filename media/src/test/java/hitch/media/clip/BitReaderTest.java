package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BitReaderTest {
    /** The table of ITU-T H.264, 9.1: bit strings and the numbers they stand for. */
    @ParameterizedTest
    @CsvSource({"1, 0", "010, 1", "011, 2", "00100, 3", "00111, 6", "0001000, 7", "0001111, 14"})
    void readsExponentialNumbers(String bits, int number) {
        byte[] data = new byte[2];
        for (int i = 0; i < bits.length(); i++) {
            data[i / 8] |= (byte) ((bits.charAt(i) - '0') << 7 - i % 8);
        }
        assertThat(new BitReader(data, 0).exponential()).isEqualTo(number);
    }

    @Test
    void readsBitsFirstBitFirstAndZerosPastTheEnd() {
        BitReader reader = new BitReader(new byte[] {0, (byte) 0b1011_0001}, 1);
        assertThat(reader.bits(3)).isEqualTo(0b101);
        assertThat(reader.bits(5)).isEqualTo(0b10001);
        assertThat(reader.bits(9)).isZero();
    }
}
