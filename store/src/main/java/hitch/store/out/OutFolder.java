package hitch.store.out;

import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A folder that somebody asked for. */
public final class OutFolder {
    private OutFolder() {}

    /**
     * The folder, made where it is missing.
     *
     * @param inputs what is read to fill it
     * @throws StoreException where nothing may be written there
     */
    public static Path of(Path named, Collection<Path> inputs) throws StoreException {
        Path place = checked(named, inputs);
        try {
            return Files.createDirectories(place);
        } catch (IOException e) {
            throw new StoreException(named + " cannot be made: " + e.getMessage() + ". Choose another folder.", e);
        }
    }

    /** The same, not made: for what makes it in one step. */
    public static Path checked(Path named, Collection<Path> inputs) throws StoreException {
        Path place = Guarded.place(named);
        Guarded.ordinary(place, named, true);
        Guarded.notAnInput(place, named, inputs);
        Guarded.notInAJob(place, named);
        return place;
    }

    /** Every file below a folder by its name within it, with {@code /} between folders, in the order of the alphabet. */
    public static List<String> filesIn(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(p -> !Files.isDirectory(p, LinkOption.NOFOLLOW_LINKS))
                    .map(p -> folder.relativize(p).toString().replace('\\', '/'))
                    .sorted()
                    .toList();
        }
    }

    /** Takes a folder away with all that is in it; nothing happens where there is none. */
    public static void remove(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }
}
