package hitch.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** The one file of a kind that was kept of a clip. */
final class ShelfFile {
    private ShelfFile() {}

    static Path of(Path job, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(job)) {
            return all.filter(f -> f.toString().endsWith(ending)).findFirst().orElseThrow();
        }
    }
}
