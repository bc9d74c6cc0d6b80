package hitch.desk.handover;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The files of a set that was handed over, each with its size. */
final class WrittenFiles {
    private WrittenFiles() {}

    static List<String> of(Path out) throws IOException {
        try (Stream<Path> files = Files.walk(out, 1)) {
            return files.filter(Files::isRegularFile)
                    .sorted()
                    .map(f -> String.format(
                            Locale.ROOT,
                            "%-44s %8.1f KB",
                            f.getFileName(),
                            f.toFile().length() / 1000.0))
                    .toList();
        }
    }
}
