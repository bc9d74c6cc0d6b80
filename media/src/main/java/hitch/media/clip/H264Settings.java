package hitch.media.clip;

import hitch.media.MediaException;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;

/**
 * The settings that H.264 pictures need to be decoded (ITU-T H.264, 7.3.2): the sequence's and the picture's.
 *
 * @param sequence the sequence parameter set, without its start code
 * @param picture the picture parameter set
 * @param lengthBytes bytes of the length before each unit in the file, 1 to 4
 */
record H264Settings(byte[] sequence, byte[] picture, int lengthBytes) {
    static final int SEQUENCE = 7;
    static final int PICTURE = 8;

    /** The settings of a whole clip, from its container; empty where it has none. */
    static Optional<H264Settings> of(Path clip) {
        try (Demuxer demuxer = new Demuxer(clip)) {
            AVCodecParameters par = demuxer.video().codecpar();
            byte[] extra = new byte[par.extradata_size()];
            if (extra.length < 8) {
                return Optional.empty();
            }
            par.extradata().get(extra);
            return ofContainer(extra);
        } catch (MediaException e) {
            return Optional.empty();
        }
    }

    /** Reads the container's own form (ISO/IEC 14496-15, 5.2.4.1). */
    private static Optional<H264Settings> ofContainer(byte[] extra) {
        try {
            ByteBuffer in = ByteBuffer.wrap(extra);
            if (in.get(0) != 1) {
                return Optional.empty();
            }
            int lengthBytes = (in.get(4) & 3) + 1;
            byte[] sequence = new byte[in.getShort(6) & 0xFFFF];
            in.get(8, sequence);
            int at = 8 + sequence.length;
            byte[] picture = new byte[in.getShort(at + 1) & 0xFFFF];
            in.get(at + 3, picture);
            return Optional.of(new H264Settings(sequence, picture, lengthBytes));
        } catch (IndexOutOfBoundsException e) {
            return Optional.empty();
        }
    }

    /** Settings that lie among the pictures themselves, near the beginning; empty where there are none. */
    static Optional<H264Settings> within(ByteBuffer data) {
        byte[] sequence = null;
        for (int at = 0; at + 8 < Math.min(data.limit(), 1 << 20); at++) {
            int length = data.getInt(at);
            if (length < 4 || length > 400 || at + 4 + length > data.limit()) {
                continue;
            }
            int head = data.get(at + 4) & 0xFF;
            boolean important = (head & 0x80) == 0 && (head & 0x60) != 0;
            if (!important) {
                continue;
            }
            if ((head & 0x1F) == SEQUENCE && isProfile(data.get(at + 5) & 0xFF)) {
                sequence = unit(data, at, length);
            } else if ((head & 0x1F) == PICTURE && sequence != null) {
                return Optional.of(new H264Settings(sequence, unit(data, at, length), 4));
            }
        }
        return Optional.empty();
    }

    private static boolean isProfile(int profile) {
        return profile == 66 || profile == 77 || profile == 88 || profile == 100 || profile == 110 || profile == 122;
    }

    private static byte[] unit(ByteBuffer data, int at, int length) {
        byte[] bytes = new byte[length];
        data.get(at + 4, bytes);
        return bytes;
    }

    /** Both, as a stream begins with them. */
    byte[] asStream() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] unit : new byte[][] {sequence, picture}) {
            out.writeBytes(new byte[] {0, 0, 0, 1});
            out.writeBytes(unit);
        }
        return out.toByteArray();
    }

    /** How many bits a picture's number takes in a slice's head; 4 to 16. */
    int frameNumberBits() {
        BitReader bits = new BitReader(sequence, 4);
        bits.exponential();
        int profile = sequence[1] & 0xFF;
        if (profile == 100 || profile == 110 || profile == 122) {
            int chroma = bits.exponential();
            if (chroma == 3) {
                bits.bits(1);
            }
            bits.exponential();
            bits.exponential();
            bits.bits(1);
            if (bits.bits(1) == 1) {
                // Scaling lists are not read; four bits is the least there can be and checks a little less.
                return 4;
            }
        }
        return Math.min(16, bits.exponential() + 4);
    }
}
