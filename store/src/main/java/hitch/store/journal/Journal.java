package hitch.store.journal;

import hitch.core.job.Entry;
import hitch.core.job.JobHistory;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The truth of a job: one line of JSON for each entry, forced to the disk before {@link #append} returns. A last line
 * that was torn by a crash is set aside when the journal is opened; what cannot be read keeps its place and is left
 * where it is.
 */
public final class Journal implements AutoCloseable {
    private final FileChannel channel;
    private final Clock clock;
    private final String who;
    private final ReadJournal found;
    private final Optional<String> torn;
    private Optional<JournalHeader> header;
    private long number;
    private String sum;

    private Journal(FileChannel channel, Clock clock, String who, ReadJournal found, Optional<String> torn) {
        this.channel = channel;
        this.clock = clock;
        this.who = who;
        this.found = found;
        this.torn = torn;
        this.header = found.header();
        this.number = found.lastNumber();
        this.sum = found.lastSum();
    }

    /**
     * Opens {@code file}, making it where there is none.
     *
     * @param who who makes the changes to come
     * @throws IOException where the file itself cannot be read or written; never for what stands in it
     */
    public static Journal open(Path file, Clock clock, String who) throws IOException {
        byte[] bytes = Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
        int whole = wholeLines(bytes);
        // The end of the last line may be lost while the line itself is whole.
        boolean ended = whole == bytes.length;
        ReadJournal found = JournalReader.read(ended ? bytes : Arrays.copyOf(bytes, whole));
        ReadJournal more = ended ? found : JournalReader.read(bytes);
        boolean further = more.lines().size() > found.lines().size()
                || more.header().isPresent() && found.header().isEmpty();
        boolean complete = further && more.damage().equals(found.damage());
        Optional<String> torn = Optional.empty();
        if (!ended && !complete) {
            setAside(file, bytes, whole);
            torn = Optional.of("The last change was being written when the program stopped and is incomplete. "
                    + "Everything before it is here. The torn part was kept in journal-torn.txt.");
        }
        FileChannel channel =
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.READ);
        long keep = complete ? bytes.length : whole;
        channel.truncate(keep);
        channel.position(keep);
        Journal journal = new Journal(channel, clock, who, complete ? more : found, torn);
        if (complete) {
            journal.put("");
        }
        if (keep == 0) {
            journal.head("");
        }
        return journal;
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
                Arrays.copyOfRange(bytes, from, bytes.length),
                StandardOpenOption.CREATE,
                StandardOpenOption.APPEND);
    }

    /** The entries it held when it was opened, what could not be read in its place. */
    public List<Entry> entries() {
        return found.lines().stream().map(JournalLine::entry).toList();
    }

    /** The job's own id, the same wherever its folder lies; empty in a job of the first format that was never changed since. */
    public Optional<UUID> job() {
        return header.map(JournalHeader::job);
    }

    /** What cannot be trusted, a sentence each; empty where all is as it was written. */
    public List<String> damage() {
        return found.damage();
    }

    /** What the user should be told about the opening, the damage first. */
    public List<String> notices() {
        List<String> all = new ArrayList<>(found.damage());
        torn.ifPresent(all::add);
        all.addAll(found.newer());
        return List.copyOf(all);
    }

    /**
     * Writes {@code entry}; when this returns it is on the disk.
     *
     * @param before the history that it is done to
     */
    public void append(Entry entry, JobHistory before) throws IOException {
        if (header.isEmpty()) {
            byte[] all = new byte[(int) channel.position()];
            channel.read(ByteBuffer.wrap(all), 0);
            head(all.length == 0 ? "" : Seal.of(all));
        }
        String line = JournalLine.write(
                number + 1,
                clock.instant().toString(),
                who,
                entry,
                new JournalLine.Heights(before.standing(), before.takenBack()),
                sum);
        put(line);
        number++;
        sum = Seal.open(line).orElseThrow().sum();
    }

    /** All that was done so far, to be read by a person. */
    public List<HistoryText.Line> history() throws IOException {
        byte[] all = new byte[(int) channel.position()];
        channel.read(ByteBuffer.wrap(all), 0);
        return HistoryText.of(JournalReader.read(all).lines());
    }

    private void head(String was) throws IOException {
        JournalHeader made = new JournalHeader(JournalHeader.NEWEST, UUID.randomUUID(), was);
        String line = made.line(clock.instant().toString(), who);
        put(line);
        header = Optional.of(made);
        sum = Seal.open(line).orElseThrow().sum();
    }

    /** Writes a line and its end, or nothing of it. */
    private void put(String line) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap((line + "\n").getBytes(StandardCharsets.UTF_8));
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
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
