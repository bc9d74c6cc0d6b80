package hitch.store.handover;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/**
 * A clip and its record, written beside their places and put into them together: what stands under its name is whole, and
 * nothing half written is left where the work was stopped.
 */
final class Pair implements AutoCloseable {
    private final Path folder;
    private final Path making;

    private Pair(Path folder, Path making) {
        this.folder = folder;
        this.making = making;
    }

    static Pair begin(Path folder) throws IOException {
        Files.createDirectories(folder);
        return new Pair(folder, Files.createTempDirectory(folder, ".making-"));
    }

    /** Where a file of this name is written until all is done. */
    Path write(String name) {
        return making.resolve(name);
    }

    /**
     * Puts both into their places; the clip last, so that a clip always has its record.
     *
     * @return the clip
     */
    Path finish(String record, String clip) throws IOException {
        move(record);
        return move(clip);
    }

    private Path move(String name) throws IOException {
        return Files.move(
                making.resolve(name),
                folder.resolve(name),
                StandardCopyOption.REPLACE_EXISTING,
                StandardCopyOption.ATOMIC_MOVE);
    }

    @Override
    public void close() throws IOException {
        try (var left = Files.list(making)) {
            for (Path file : left.toList()) {
                Files.deleteIfExists(file);
            }
        }
        Files.deleteIfExists(making);
    }
}
