package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.NumberedFootage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The settings of a stream (ISO/IEC 14496-10, 7.3.2.1.1), from made-up bytes and from a clip. */
class H264SettingsTest {
    private static final byte[] PICTURE = {0x68, (byte) 0xCE, 0x38, (byte) 0x80};

    /** A sequence's settings, bit by bit. */
    private static final class Bits {
        private final StringBuilder bits = new StringBuilder();

        Bits of(int value) {
            String binary = Integer.toBinaryString(value + 1);
            bits.append("0".repeat(binary.length() - 1)).append(binary);
            return this;
        }

        Bits bit(int bit) {
            bits.append(bit);
            return this;
        }

        byte[] behind(int profile) {
            String all = bits.append('1').toString();
            byte[] bytes = new byte[4 + (all.length() + 7) / 8];
            bytes[0] = 0x67;
            bytes[1] = (byte) profile;
            bytes[3] = 30;
            for (int i = 0; i < all.length(); i++) {
                if (all.charAt(i) == '1') {
                    bytes[4 + i / 8] |= (byte) (0x80 >> i % 8);
                }
            }
            return bytes;
        }
    }

    private static byte[] plain(int profile, int numberBits) {
        return new Bits().of(0).of(numberBits - 4).behind(profile);
    }

    private static int bitsOf(byte[] sequence) {
        return new H264Settings(sequence, PICTURE, 4).frameNumberBits();
    }

    /** Each unit behind its length, as a container keeps them. */
    private static ByteBuffer data(byte[]... units) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] unit : units) {
            out.writeBytes(ByteBuffer.allocate(4 + unit.length)
                    .putInt(unit.length)
                    .put(unit)
                    .array());
        }
        return ByteBuffer.wrap(out.toByteArray());
    }

    @ParameterizedTest
    @CsvSource({"66,4", "66,9", "77,8", "88,16"})
    void aPicturesNumberIsAsLongAsTheSequenceSays(int profile, int numberBits) {
        assertThat(bitsOf(plain(profile, numberBits))).isEqualTo(numberBits);
    }

    @ParameterizedTest
    @ValueSource(ints = {100, 110, 122})
    void inAHighProfileTheDepthOfColourIsReadPast(int profile) {
        byte[] usual = new Bits().of(0).of(1).of(0).of(0).bit(0).bit(0).of(3).behind(profile);
        assertThat(bitsOf(usual)).isEqualTo(7);
        byte[] apart =
                new Bits().of(0).of(3).bit(1).of(2).of(2).bit(0).bit(0).of(5).behind(profile);
        assertThat(bitsOf(apart)).isEqualTo(9);
    }

    /** Scaling lists are not read: the least there can be is taken. */
    @Test
    void behindScalingListsTheLeastIsTaken() {
        byte[] scaled = new Bits().of(0).of(1).of(0).of(0).bit(0).bit(1).of(7).behind(100);
        assertThat(bitsOf(scaled)).isEqualTo(4);
    }

    @Test
    void noNumberIsLongerThanSixteenBits() {
        assertThat(bitsOf(new Bits().of(0).of(60).behind(66))).isEqualTo(16);
    }

    @Test
    void settingsAmongThePicturesAreFoundAndGivenAsAStreamBeginsWithThem() {
        byte[] sequence = plain(77, 6);
        byte[] seen = {0x06, 1, 2, 3, 4, 5};
        Optional<H264Settings> found = H264Settings.within(data(seen, sequence, PICTURE, seen));
        assertThat(found).isPresent();
        assertThat(found.get().frameNumberBits()).isEqualTo(6);
        assertThat(found.get().asStream())
                .startsWith(0, 0, 0, 1, 0x67)
                .hasSize(8 + sequence.length + PICTURE.length)
                .endsWith(PICTURE);
    }

    @Test
    void aPicturesSettingsWithoutASequencesAreNone() {
        assertThat(H264Settings.within(data(PICTURE, PICTURE))).isEmpty();
        assertThat(H264Settings.within(data(plain(77, 6)))).isEmpty();
        assertThat(H264Settings.within(data(plain(13, 6), PICTURE)))
                .as("no such profile")
                .isEmpty();
        assertThat(H264Settings.within(ByteBuffer.allocate(0))).isEmpty();
        assertThat(H264Settings.within(ByteBuffer.allocate(4000))).isEmpty();
    }

    /** A length that leads out of the data is none, and nothing is read there. */
    @Test
    void dataThatIsCutOffIsLookedThroughToItsEnd() {
        ByteBuffer whole = data(plain(77, 6), PICTURE);
        for (int bytes = 0; bytes < whole.limit(); bytes++) {
            ByteBuffer cut = ByteBuffer.wrap(whole.array(), 0, bytes).slice();
            assertThat(H264Settings.within(cut)).as("%d bytes", bytes).isEmpty();
        }
    }

    @Test
    void aClipTellsItsOwnAndAFileThatIsNoneTellsNothing(@TempDir Path folder) throws Exception {
        Path clip = NumberedFootage.write(folder.resolve("a.mp4"), 8);
        Optional<H264Settings> own = H264Settings.of(clip);
        assertThat(own).isPresent();
        assertThat(own.get().frameNumberBits()).isBetween(4, 16);
        assertThat(H264Settings.of(Files.writeString(folder.resolve("b.mp4"), "no film")))
                .isEmpty();
        assertThat(H264Settings.of(folder.resolve("c.mp4"))).isEmpty();
    }
}
