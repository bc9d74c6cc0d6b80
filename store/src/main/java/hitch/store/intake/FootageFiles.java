package hitch.store.intake;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** The footage and photographs among what was dropped or named. */
public final class FootageFiles {
    /** Endings that a file in a dropped folder is taken for footage by; a file dropped itself is always tried. */
    private static final Set<String> ENDINGS = Set.of(
            "mp4", "m4v", "mov", "avi", "mpg", "mpeg", "vob", "ts", "m2ts", "mts", "mkv", "webm", "wmv", "asf", "3gp",
            "dv", "flv", "h264", "264", "jpg", "jpeg", "png");

    private static final int DEPTH = 4;

    private FootageFiles() {}

    public static List<Path> among(List<Path> dropped) throws IOException {
        List<Path> files = new ArrayList<>();
        for (Path one : dropped) {
            if (!Files.isDirectory(one)) {
                files.add(one);
                continue;
            }
            try (Stream<Path> inside = Files.walk(one, DEPTH)) {
                inside.filter(p -> Files.isRegularFile(p) && ENDINGS.contains(ending(p)))
                        .sorted()
                        .forEach(files::add);
            }
        }
        return files;
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }
}
