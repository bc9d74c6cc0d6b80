package hitch.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The jobs opened last, newest first, one folder a line. Losing the list loses no job, so trouble is only logged. */
public final class RecentJobs {
    private static final Logger LOG = LoggerFactory.getLogger(RecentJobs.class);
    private static final int MOST = 12;

    private final Path file;

    public RecentJobs(Path dataFolder) {
        this.file = dataFolder.resolve("recent-jobs.txt");
    }

    /** The folders that still hold a job. */
    public List<Path> list() {
        if (!Files.exists(file)) {
            return List.of();
        }
        try {
            return Files.readAllLines(file, StandardCharsets.UTF_8).stream()
                    .filter(l -> !l.isBlank())
                    .map(Path::of)
                    .filter(p -> Files.exists(p.resolve(JobFolder.JOURNAL)))
                    .toList();
        } catch (IOException | java.nio.file.InvalidPathException e) {
            LOG.warn("the list of recent jobs cannot be read", e);
            return List.of();
        }
    }

    /** Puts {@code folder} first. */
    public void opened(Path folder) {
        List<Path> all = new ArrayList<>(list());
        Path whole = folder.toAbsolutePath().normalize();
        all.remove(whole);
        all.addFirst(whole);
        try {
            Files.createDirectories(file.getParent());
            Path part = file.resolveSibling(file.getFileName() + ".part");
            Files.write(part, all.stream().limit(MOST).map(Path::toString).toList(), StandardCharsets.UTF_8);
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LOG.warn("the list of recent jobs cannot be written", e);
        }
    }
}
