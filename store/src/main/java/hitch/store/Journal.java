package hitch.store;

import hitch.core.job.Entry;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;

/**
 * The truth of a job: one line of JSON for each entry, forced to the disk before {@link #append} returns. A last line
 * that was torn by a crash is set aside when the journal is opened; a damaged line in the middle is passed over and left
 * where it is.
 */
final class Journal implements AutoCloseable {
    private final FileChannel channel;
    private final Clock clock;
    private final List<Entry> entries;
    private final List<String> notices;
    private long lines;

    private Journal(FileChannel channel, Clock clock, List<Entry> entries, List<String> notices, long lines) {
        this.channel = channel;
        this.clock = clock;
        this.entries = entries;
        this.notices = notices;
        this.lines = lines;
    }

    static Journal open(Path file, Clock clock) throws StoreException {
        List<Entry> entries = new ArrayList<>();
        List<String> notices = new ArrayList<>();
        try {
            byte[] bytes = Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
            int whole = wholeLines(bytes);
            if (whole < bytes.length) {
                setAside(file, bytes, whole);
                notices.add("The last change was being written when the program stopped and is incomplete. "
                        + "Everything before it is here. The torn part was kept in journal-torn.txt.");
            }
            String text = new String(bytes, 0, whole, StandardCharsets.UTF_8);
            long number = 0;
            for (String line : text.lines().toList()) {
                number++;
                try {
                    if (!line.isBlank()) {
                        entries.add(EditJson.read(line));
                    }
                } catch (JacksonException | IllegalArgumentException e) {
                    notices.add("Line " + number + " of the journal cannot be read and was passed over. "
                            + "All other changes are here; the line was left in the file.");
                }
            }
            FileChannel channel = FileChannel.open(
                    file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.READ);
            channel.truncate(whole);
            channel.position(whole);
            return new Journal(channel, clock, List.copyOf(entries), List.copyOf(notices), number);
        } catch (IOException e) {
            throw new StoreException("The job's journal " + file + " cannot be opened: " + e.getMessage(), e);
        }
    }

    private static int wholeLines(byte[] bytes) {
        int end = bytes.length;
        while (end > 0 && bytes[end - 1] != '\n') {
            end--;
        }
        return end;
    }

    private static void setAside(Path file, byte[] bytes, int from) throws IOException {
        Files.write(
                file.resolveSibling("journal-torn.txt"),
                java.util.Arrays.copyOfRange(bytes, from, bytes.length),
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND);
    }

    /** The entries it held when it was opened. */
    List<Entry> entries() {
        return entries;
    }

    List<String> notices() {
        return notices;
    }

    /** Writes {@code entry}; when this returns it is on the disk. */
    void append(Entry entry) throws StoreException {
        try {
            String line = EditJson.write(entry, lines + 1, clock.instant().toString()) + "\n";
            ByteBuffer bytes = ByteBuffer.wrap(line.getBytes(StandardCharsets.UTF_8));
            long before = channel.position();
            try {
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(false);
            } catch (IOException e) {
                channel.truncate(before);
                throw e;
            }
            lines++;
        } catch (IOException e) {
            throw new StoreException(
                    "The change could not be saved (" + e.getMessage() + "), so it was not made. "
                            + "Everything before it is safe. Free some disk space and try again.",
                    e);
        }
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
