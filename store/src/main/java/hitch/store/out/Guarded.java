package hitch.store.out;

import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Optional;

/** What is asked of every place that is written to. */
final class Guarded {
    private Guarded() {}

    /**
     * @param named as it was typed
     * @return its absolute path, with every link before its last part followed
     */
    static Path place(Path named) throws StoreException {
        if (named.toString().isBlank()) {
            throw new StoreException("No place to write to was named. Say where it goes.");
        }
        try {
            Path whole = named.toAbsolutePath().normalize();
            if (whole.getFileName() == null || whole.getParent() == null) {
                throw new StoreException(named + " is no place to write to. Choose one inside it.");
            }
            return real(whole.getParent()).resolve(whole.getFileName());
        } catch (InvalidPathException | IOException e) {
            throw new StoreException(named + " is no place to write to: " + e.getMessage(), e);
        }
    }

    /** With links followed as far as the path exists. */
    private static Path real(Path path) throws IOException {
        if (path.getParent() == null || Files.exists(path)) {
            return path.toRealPath();
        }
        return real(path.getParent()).resolve(path.getFileName());
    }

    /** Refuses a place that is, by whatever name, something that is read. */
    static void notAnInput(Path place, Path named, Collection<Path> inputs) throws StoreException {
        for (Path input : inputs) {
            if (isSame(place, input)) {
                throw new StoreException(
                        named + " is what is read, and is never written over. Nothing was written; choose"
                                + " another name.");
            }
        }
    }

    private static boolean isSame(Path place, Path input) {
        try {
            return Files.exists(place) && Files.exists(input)
                    ? Files.isSameFile(place, input)
                    : place.equals(input.toAbsolutePath().normalize());
        } catch (IOException e) {
            // What cannot be told apart is not written over.
            return true;
        }
    }

    /** Refuses a place inside a job folder: a record and its footage are changed on the benches alone. */
    static void notInAJob(Path place, Path named) throws StoreException {
        try {
            Path followed = Files.exists(place) ? place.toRealPath() : place;
            Optional<Path> job = JobFolder.holding(place).or(() -> JobFolder.holding(followed));
            if (job.isPresent()) {
                throw new StoreException(
                        named + " lies inside the job " + job.get().getFileName()
                                + ", whose files are never written over. Nothing was written; choose a place outside it.");
            }
        } catch (IOException e) {
            throw new StoreException(named + " is no place to write to: " + e.getMessage(), e);
        }
    }

    /** Refuses pipes, devices and the like, which can hold a program up for ever. */
    static void ordinary(Path place, Path named, boolean folder) throws StoreException {
        boolean there = Files.exists(place, LinkOption.NOFOLLOW_LINKS);
        if (there && folder && !Files.isDirectory(place)) {
            throw new StoreException(named + " is a file. Choose a folder.");
        }
        if (there && !folder && Files.isDirectory(place)) {
            throw new StoreException(named + " is a folder. Choose a file in it.");
        }
        if (there && !folder && !Files.isRegularFile(place)) {
            throw new StoreException(named + " is no ordinary file, so nothing is written to it. Choose another name.");
        }
    }
}
