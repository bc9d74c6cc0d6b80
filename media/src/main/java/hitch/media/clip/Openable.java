package hitch.media.clip;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What must be so of a file before it is opened as footage. */
final class Openable {
    private Openable() {}

    /**
     * @throws MediaException in plain words where it is missing, empty, no ordinary file, or a picture in a form that is not read
     */
    static void check(Path file) throws MediaException {
        String name = file.getFileName().toString();
        try {
            if (!Files.exists(file)) {
                throw new MediaException(name + " is not at " + file.toAbsolutePath()
                        + ". Put it back there, or choose where it is now.");
            }
            if (Files.isDirectory(file)) {
                throw new MediaException(name + " is a folder, not a clip.");
            }
            if (!Files.isRegularFile(file)) {
                throw new MediaException(name + " is no ordinary file, so nothing was read from it.");
            }
            if (Files.size(file) == 0) {
                throw new MediaException(name + " is empty (0 bytes). Copy it again from the recorder.");
            }
        } catch (IOException e) {
            throw new MediaException(name + " cannot be read: " + e.getMessage(), e);
        }
        Photograph.refuseUnreadable(file);
    }
}
