package hitch.store;

import hitch.core.finding.Finding;
import hitch.core.footage.Adjustment;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.store.journal.HistoryText;
import hitch.store.journal.Journal;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A job on disk, open for editing in one program at a time. Safe to use from several threads.
 *
 * <p>Holds {@code journal.jsonl}, {@code stills/}, {@code cuts/}, and {@code clips/} where footage was copied in.
 */
public final class JobFolder implements AutoCloseable {
    /** The file whose presence makes a folder a job. */
    public static final String JOURNAL = "journal.jsonl";

    private final Path folder;
    private final FileChannel lockFile;
    private final Journal journal;
    private JobHistory history;

    private JobFolder(Path folder, FileChannel lockFile, Journal journal) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.journal = journal;
        this.history = JobHistory.of(journal.entries());
    }

    /** Makes a new, empty job in {@code folder}, which must not hold one already. */
    public static JobFolder create(Path folder) throws StoreException {
        if (Files.exists(folder.resolve(JOURNAL))) {
            throw new StoreException("There is already a job in " + folder + ". Open it, or choose another folder.");
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new StoreException("No job can be made in " + folder + ": " + e.getMessage(), e);
        }
        return start(folder, Clock.systemUTC());
    }

    /** Opens the job in {@code folder}. */
    public static JobFolder open(Path folder) throws StoreException {
        return open(folder, Clock.systemUTC());
    }

    /** The job folder that a path lies in, or is; empty where it lies in none. */
    public static Optional<Path> holding(Path path) {
        for (Path at = path.toAbsolutePath().normalize(); at != null; at = at.getParent()) {
            if (Files.isRegularFile(at.resolve(JOURNAL))) {
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    static JobFolder open(Path folder, Clock clock) throws StoreException {
        if (!Files.isRegularFile(folder.resolve(JOURNAL))) {
            throw new StoreException(folder + " is not a job: it holds no " + JOURNAL + ". Choose a job's own folder.");
        }
        return start(folder, clock);
    }

    private static JobFolder start(Path folder, Clock clock) throws StoreException {
        FileChannel lockFile = lock(folder);
        Path file = folder.resolve(JOURNAL);
        try {
            return new JobFolder(folder, lockFile, Journal.open(file, clock, System.getProperty("user.name", "")));
        } catch (IOException e) {
            closeQuietly(lockFile);
            throw new StoreException("The job's journal " + file + " cannot be opened: " + e.getMessage(), e);
        }
    }

    private static FileChannel lock(Path folder) throws StoreException {
        try {
            FileChannel file =
                    FileChannel.open(folder.resolve(".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock held = null;
            try {
                held = file.tryLock();
            } catch (OverlappingFileLockException e) {
                // Held by this very program: the same answer as when another holds it.
            }
            if (held == null) {
                file.close();
                throw new StoreException("The job in " + folder + " is open in another window. Close it there first.");
            }
            return file;
        } catch (IOException e) {
            throw new StoreException("The job in " + folder + " cannot be written to: " + e.getMessage(), e);
        }
    }

    private static void closeQuietly(FileChannel channel) {
        try {
            channel.close();
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(JobFolder.class).warn("a lock could not be let go", e);
        }
    }

    public Path folder() {
        return folder;
    }

    /** Where what was spoken is kept, so that no sentence is spoken twice. */
    public Path speech() {
        return folder.resolve("speech");
    }

    public synchronized JobHistory history() {
        return history;
    }

    public synchronized Job job() {
        return history.job();
    }

    /** What the user should be told about the opening, such as a torn last line. */
    public List<String> notices() {
        return journal.notices();
    }

    /** What of the record cannot be trusted, a sentence each; empty where all is as it was written. */
    public List<String> damage() {
        return journal.damage();
    }

    /** The job's own id, the same wherever its folder lies; empty in an old job that was not changed since it had one. */
    public synchronized Optional<UUID> id() {
        return journal.job();
    }

    /** All that was done to the job, by whom and when. */
    public synchronized List<HistoryText.Line> historyLines() throws StoreException {
        try {
            return journal.history();
        } catch (IOException e) {
            throw new StoreException("The job's history cannot be read: " + e.getMessage(), e);
        }
    }

    /** Makes an edit: first on the disk, then in the job. */
    public JobHistory apply(Edit edit) throws StoreException {
        return record(new Entry.Did(edit));
    }

    /** Takes the last edit back; nothing happens where there is none. */
    public synchronized JobHistory undo() throws StoreException {
        return history.standing() == 0 ? history : record(new Entry.Undid());
    }

    /** Makes the last undone edit again; nothing happens where there is none. */
    public synchronized JobHistory redo() throws StoreException {
        return history.takenBack() == 0 ? history : record(new Entry.Redid());
    }

    /** Keeps what happened to what was handed over; undo does not reach it. */
    public JobHistory handed(Deed deed) throws StoreException {
        return record(new Entry.Handed(deed));
    }

    private synchronized JobHistory record(Entry entry) throws StoreException {
        JobHistory next = history.then(entry);
        try {
            journal.append(entry, history);
        } catch (IOException e) {
            throw new StoreException(
                    "The change could not be saved (" + e.getMessage() + "), so it was not made. "
                            + "Everything before it is safe. Free some disk space and try again.",
                    e);
        }
        history = next;
        return next;
    }

    /** Where the still of a finding at its present frame lies. */
    public Path still(Finding finding) {
        Adjustment adjustment =
                job().adjustmentsOf(finding.frame().clip()).at(finding.frame().pts());
        String words = adjustment.words();
        return still(finding, words.isEmpty() ? "" : " seen " + Integer.toHexString(words.hashCode()));
    }

    /** Where the still of a finding as recorded lies, whatever the adjustment. */
    public Path untouchedStill(Finding finding) {
        return still(finding, "");
    }

    private Path still(Finding finding, String suffix) {
        String name = FileNames.safe(finding.id() + "-" + finding.frame().clip() + "-"
                + finding.frame().pts() + suffix);
        return folder.resolve("stills").resolve(name + ".png");
    }

    /** Where evidence clips are put. */
    public Path cuts() {
        return folder.resolve("cuts");
    }

    @Override
    public synchronized void close() throws StoreException {
        try {
            journal.close();
            lockFile.close();
        } catch (IOException e) {
            throw new StoreException("The job in " + folder + " could not be closed cleanly: " + e.getMessage(), e);
        }
    }
}
