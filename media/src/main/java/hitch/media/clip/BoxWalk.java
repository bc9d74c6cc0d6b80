package hitch.media.clip;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/**
 * The top-level boxes of an ISO base media file (ISO/IEC 14496-12): where its data lie, and whether its index was
 * written.
 *
 * @param isMp4 whether the file begins like one at all
 * @param indexed whether it has a {@code moov} or {@code moof} box
 * @param dataFrom where the media data begin, bytes; -1 where there are none
 * @param dataTo where they end, bytes
 */
record BoxWalk(boolean isMp4, boolean indexed, long dataFrom, long dataTo) {

    static BoxWalk of(Path path) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "r")) {
            long length = file.length();
            long at = 0;
            boolean begins = false;
            boolean indexed = false;
            long from = -1;
            long to = -1;
            byte[] name = new byte[4];
            while (at + 8 <= length) {
                file.seek(at);
                long size = file.readInt() & 0xFFFFFFFFL;
                file.readFully(name);
                String type = new String(name, StandardCharsets.ISO_8859_1);
                long head = 8;
                if (size == 1 && at + 16 <= length) {
                    size = file.readLong();
                    head = 16;
                }
                begins |= at == 0 && type.matches("ftyp|mdat|wide|free|skip");
                if (!begins) {
                    break;
                }
                indexed |= type.equals("moov") || type.equals("moof");
                boolean toTheEnd = size < head || at + size > length;
                if (type.equals("mdat") && from < 0) {
                    from = at + head;
                    to = toTheEnd ? length : at + size;
                }
                if (toTheEnd) {
                    break;
                }
                at += size;
            }
            return new BoxWalk(begins, indexed, from, to);
        }
    }
}
