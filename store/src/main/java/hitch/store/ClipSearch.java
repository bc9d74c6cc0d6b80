package hitch.store;

import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Finds a clip's file again after it was moved or renamed: the one of the same length with the same fingerprint. */
final class ClipSearch {
    /** Folders below a place that are looked into. */
    private static final int DEPTH = 3;
    /** Files looked at in one place; a whole disk is not searched. */
    private static final int MOST_FILES = 20_000;

    private ClipSearch() {}

    /** Where a clip may lie: the job's own folder and the one above, and wherever other clips of the job are. */
    static Set<Path> usualPlaces(Path jobFolder, Job job) {
        Set<Path> places = new LinkedHashSet<>();
        places.add(jobFolder.toAbsolutePath());
        if (jobFolder.toAbsolutePath().getParent() != null) {
            places.add(jobFolder.toAbsolutePath().getParent());
        }
        for (Clip clip : job.clips()) {
            Path folder = jobFolder.resolve(clip.file()).toAbsolutePath().getParent();
            if (folder != null && Files.isDirectory(folder)) {
                places.add(folder);
            }
        }
        return places;
    }

    static Optional<Path> find(Clip clip, Iterable<Path> places, Progress progress) throws MediaException {
        Set<Path> tried = new LinkedHashSet<>();
        for (Path place : places) {
            for (Path file : sameLength(clip, place)) {
                if (tried.add(file) && Fingerprint.of(file, progress).equals(clip.sha256())) {
                    return Optional.of(file);
                }
            }
        }
        return Optional.empty();
    }

    private static List<Path> sameLength(Clip clip, Path place) {
        if (Files.isRegularFile(place)) {
            return List.of(place);
        }
        try (Stream<Path> files =
                Files.find(place, DEPTH, (p, about) -> about.isRegularFile() && about.size() == clip.bytes())) {
            // The same name first, since it is likeliest.
            return files.limit(MOST_FILES)
                    .sorted((a, b) -> Boolean.compare(
                            b.getFileName().toString().equals(clip.fileName()),
                            a.getFileName().toString().equals(clip.fileName())))
                    .toList();
        } catch (IOException | java.io.UncheckedIOException e) {
            // A folder that may not be read holds nothing for us.
            return List.of();
        }
    }
}
