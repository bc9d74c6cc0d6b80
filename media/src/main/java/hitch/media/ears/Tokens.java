package hitch.media.ears;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The parts of words that the recogniser writes in. */
final class Tokens {
    /** Up to here they are signs and not written. */
    private static final int SIGNS = 2;

    private static final int LONG = 128;

    private final List<byte[]> parts = new ArrayList<>();

    /**
     * @param table each part as its length in bytes, in one byte or two, and its bytes
     */
    Tokens(byte[] table) {
        int at = 0;
        while (at < table.length) {
            int length = table[at++] & 0xff;
            if (length >= LONG) {
                length = length - LONG + LONG * (table[at++] & 0xff);
            }
            byte[] part = new byte[length];
            System.arraycopy(table, at, part, 0, length);
            parts.add(part);
            at += length;
        }
    }

    /** A part as it is written, a space before it where it begins a word; blank for a sign. */
    String piece(int id) {
        return id > SIGNS && id < parts.size()
                ? new String(parts.get(id), StandardCharsets.UTF_8).replace('▁', ' ')
                : "";
    }

    String text(List<Integer> ids) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ids.stream().filter(id -> id > SIGNS && id < parts.size()).forEach(id -> bytes.writeBytes(parts.get(id)));
        return bytes.toString(StandardCharsets.UTF_8).replace('▁', ' ').strip();
    }
}
