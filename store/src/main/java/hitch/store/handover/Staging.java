package hitch.store.handover;

import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.SignatureFile;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A folder that is handed over whole or not at all: it is written beside its target and takes its place in one step, once
 * it is complete. What was there before stays until then. A target that holds anything but an earlier set for the same
 * recipient is refused.
 */
final class Staging implements AutoCloseable {
    private final Path target;
    private final Path place;
    private final Path lockFile;
    private final FileChannel lock;

    private Staging(Path target, Path place, Path lockFile, FileChannel lock) {
        this.target = target;
        this.place = place;
        this.lockFile = lockFile;
        this.lock = lock;
    }

    /**
     * @param target the folder to fill; made where it is missing
     * @param recipient the recipient's word
     * @throws StoreException where the target holds something else, or is being written just now
     */
    static Staging begin(Path target, String recipient) throws StoreException, IOException {
        Path whole = target.toAbsolutePath().normalize();
        if (whole.getParent() == null || whole.getFileName() == null) {
            throw new StoreException(target + " cannot be a folder to hand over. Choose one inside it.");
        }
        Files.createDirectories(whole.getParent());
        Path lockFile = beside(whole, "lock");
        FileChannel lock = FileChannel.open(lockFile, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        if (!held(lock)) {
            lock.close();
            throw new StoreException("Something is being written to " + target + " just now. Wait until it is done.");
        }
        Path place = beside(whole, "making");
        Staging staging = new Staging(whole, place, lockFile, lock);
        try {
            staging.restore();
            refuseOthers(whole, target, recipient);
            OutFolder.remove(place);
            Files.createDirectories(place);
            return staging;
        } catch (IOException | StoreException e) {
            staging.close();
            throw e;
        }
    }

    private static boolean held(FileChannel lock) throws IOException {
        try {
            FileLock held = lock.tryLock();
            return held != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    private static Path beside(Path target, String what) {
        return target.resolveSibling("." + target.getFileName() + ".hitch-" + what);
    }

    /** Puts back what was there before, where a program was ended between taking it away and putting the new in its place. */
    private void restore() throws IOException {
        Path before = beside(target, "before");
        if (Files.exists(before) && !Files.exists(target)) {
            Files.move(before, target, StandardCopyOption.ATOMIC_MOVE);
        }
        OutFolder.remove(before);
    }

    private static void refuseOthers(Path folder, Path named, String recipient) throws IOException, StoreException {
        if (!Files.exists(folder)) {
            return;
        }
        if (!Files.isDirectory(folder)) {
            throw new StoreException(named + " is a file. Choose a folder.");
        }
        List<String> there = OutFolder.filesIn(folder);
        if (there.isEmpty()) {
            return;
        }
        Optional<JsonNode> earlier = manifest(folder);
        String whose = earlier.map(m -> m.path("for").asString("")).orElse("");
        if (!whose.isEmpty() && !whose.equals(recipient)) {
            throw new StoreException(named + " holds what was made for the " + whose
                    + ". Choose another folder, so that nobody gets what is not theirs.");
        }
        Set<String> known = new HashSet<>(Set.of(Verified.MANIFEST, SignatureFile.NAME));
        earlier.ifPresent(
                m -> m.path("products").forEach(p -> known.add(p.path("file").asString(""))));
        Optional<String> other = there.stream()
                .filter(f -> earlier.isEmpty() || !known.contains(f))
                .findFirst();
        if (other.isPresent()) {
            throw new StoreException(named + " holds other files, such as " + other.get()
                    + ", which would be lost. Choose a new folder, or take them out.");
        }
    }

    private static Optional<JsonNode> manifest(Path folder) throws IOException {
        Path file = folder.resolve(Verified.MANIFEST);
        try {
            return Files.isRegularFile(file)
                    ? Optional.of(JsonMapper.shared().readTree(Files.readString(file)))
                    : Optional.empty();
        } catch (JacksonException e) {
            return Optional.empty();
        }
    }

    /** The folder to write into. */
    Path place() {
        return place;
    }

    /** Puts the finished folder in its place. */
    void commit() throws IOException {
        Path before = beside(target, "before");
        if (Files.exists(target)) {
            Files.move(target, before, StandardCopyOption.ATOMIC_MOVE);
        }
        try {
            Files.move(place, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            restore();
            throw e;
        }
        OutFolder.remove(before);
    }

    /** Drops what was not put in its place. */
    @Override
    public void close() throws IOException {
        OutFolder.remove(place);
        lock.close();
        Files.deleteIfExists(lockFile);
    }
}
