package hitch.sim.outbox;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.FileNames;
import hitch.store.send.UploadService;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/**
 * A folder that acts as an upload service. What arrives lies under {@code arriving} until the parcel is whole, then under
 * {@code open}; a parcel that is taken back is moved to {@code taken-back} with a note why.
 */
public final class FolderOutbox implements UploadService {
    /**
     * How bad the line is.
     *
     * @param bytesPerSecond that it takes; 0 for as fast as it can
     * @param breaksEvery bytes after which it breaks; 0 for never
     */
    public record Line(long bytesPerSecond, long breaksEvery) {
        public static final Line GOOD = new Line(0, 0);
        /** Slow enough that progress is seen, and broken often enough that going on is. */
        public static final Line USUAL = new Line(12_000_000, 30_000_000);
    }

    private final Path folder;
    private final Line line;
    private long sinceBreak;

    public FolderOutbox(Path folder, Line line) {
        this.folder = folder;
        this.line = line;
    }

    @Override
    public String called() {
        return "the client's outbox (simulated)";
    }

    private Path arriving(String parcel, String file) throws IOException {
        Path place = folder.resolve("arriving").resolve(FileNames.safe(parcel));
        Path whole = place.resolve(file).normalize();
        if (!whole.startsWith(place)) {
            throw new IOException(file + " is no name within a parcel");
        }
        return whole;
    }

    @Override
    public synchronized long held(String parcel, String file) throws IOException {
        Path path = arriving(parcel, file);
        return Files.exists(path) ? Files.size(path) : 0;
    }

    @Override
    public synchronized void append(String parcel, String file, long offset, byte[] bytes, int length)
            throws IOException {
        Path path = arriving(parcel, file);
        Files.createDirectories(path.getParent());
        int takes = length;
        boolean breaks = line.breaksEvery() > 0 && sinceBreak + length >= line.breaksEvery();
        if (breaks) {
            takes = (int) Math.max(0, line.breaksEvery() - sinceBreak - 1);
            sinceBreak = 0;
        }
        try (RandomAccessFile out = new RandomAccessFile(path.toFile(), "rw")) {
            if (out.length() < offset) {
                throw new IOException("something is missing before that part of " + file);
            }
            out.seek(offset);
            out.write(bytes, 0, takes);
            out.setLength(offset + takes);
        }
        pace(takes);
        if (breaks) {
            throw new IOException("the line broke");
        }
        sinceBreak += takes;
    }

    private void pace(int bytes) throws IOException {
        if (line.bytesPerSecond() <= 0) {
            return;
        }
        try {
            Thread.sleep(1000L * bytes / line.bytesPerSecond());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("it was stopped", e);
        }
    }

    @Override
    public synchronized String sha256(String parcel, String file) throws IOException {
        Path path = arriving(parcel, file);
        try {
            return Files.exists(path) ? Fingerprint.of(path, Progress.NONE) : "";
        } catch (MediaException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    @Override
    public synchronized void drop(String parcel, String file) throws IOException {
        Files.deleteIfExists(arriving(parcel, file));
    }

    @Override
    public synchronized void open(String parcel) throws IOException {
        move(parcel, "arriving", "open");
    }

    @Override
    public synchronized void takeBack(String parcel, String why) throws IOException {
        Path back = move(parcel, "open", "taken-back");
        Files.writeString(back.resolve("why.txt"), why, StandardCharsets.UTF_8);
    }

    private Path move(String parcel, String from, String to) throws IOException {
        String name = FileNames.safe(parcel);
        Path target = folder.resolve(to).resolve(name);
        Files.createDirectories(target.getParent());
        for (int n = 2; Files.exists(target); n++) {
            target = folder.resolve(to).resolve(name + "-" + n);
        }
        return Files.move(folder.resolve(from).resolve(name), target, StandardCopyOption.ATOMIC_MOVE);
    }
}
